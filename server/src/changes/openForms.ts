import { Type } from '@sinclair/typebox'
import { exactly } from '#core/schema'
import type { Channels } from '../channels.ts'
import { type Route, route } from '../http/index.ts'

/** So long a form counts as open after its page has said so (seconds): a page says it more often than that. */
const OPEN_SECONDS = 25
/** So many forms of one page at most. */
const MOST_FORMS = 20

const Form = Type.String({ maxLength: 60, pattern: '^[A-Za-z][A-Za-z-]*(/[A-Za-z0-9.-]+)?$' })

const NOTE = `with over as (delete from open_form where channel = $1 and account = $2 and until <= $5 and form <> all ($4)),
  noted as (
    insert into open_form (channel, form, account, name, until)
      select $1, form, $2, $3, $5::bigint + ${OPEN_SECONDS} from unnest($4::text[]) as form
      on conflict (channel, form, account) do update set name = excluded.name, until = excluded.until)
  select form, name from open_form where channel = $1 and form = any($4) and account <> $2 and until > $5 order by form, name`

/** Which forms of the desk are open, so that two people at one of them see each other. */
export const openFormRoutes = (channels: Channels): Route[] => [
  route({
    method: 'post',
    path: '/desk/forms',
    does: 'Say which forms are open, and hear who else has one of them open',
    answer: exactly({ others: Type.Array(exactly({ form: Type.String(), name: Type.String() })) }),
    allowed: 'team',
    // Pages say so by themselves, every few seconds.
    unlogged: true,
    body: exactly({ forms: Type.Array(Form, { maxItems: MOST_FORMS, uniqueItems: true }) }),
    handle: async ({ channel, caller: { account, name }, body }) => {
      const values = [channel.id, account, name, body.forms, channels.clock()]
      const found = await channels.pool.query<{ form: string; name: string }>({
        name: 'open-forms',
        text: NOTE,
        values,
      })
      return { others: found.rows }
    },
  }),
]
