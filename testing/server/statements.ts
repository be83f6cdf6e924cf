import { is } from 'drizzle-orm'
import { getTableConfig, PgTable } from 'drizzle-orm/pg-core'
import pg from 'pg'
import * as schema from '../../server/src/database/schema.ts'

/** Tables of which every row is a channel's; the addresses that channels had are looked for without knowing it. */
const CHANNELS_OWN = (Object.values(schema) as unknown[])
  .filter((one): one is PgTable => is(one, PgTable))
  .map((table) => getTableConfig(table))
  .filter(
    ({ name, columns }) => name !== 'former_address' && columns.some((one) => one.name === 'channel' && one.notNull),
  )
  .map(({ name }) => name)

const TOUCHES = new RegExp(`\\b(from|join|into|update)\\s+"?(${CHANNELS_OWN.join('|')})"?(?![\\w"])`, 'i')
/** A column of that name, whatever stands before it: `channel = $1`, `"viewer"."channel" = $1`, `(channel, id)`. */
const NAMES = /(^|[\s(.,"])"?channel"?\s*(=|,|\)|in\b)/i

/** What is asked of all channels at once, and why: on many machines each of these goes to every one. */
const OF_ALL: readonly { readonly statement: RegExp; readonly why: string }[] = [
  {
    statement: /^select ctid::text as at, /,
    why: 'the server starts with other keys: all that is sealed is sealed anew',
  },
  { statement: /^select coalesce\(substring\("\w+" from .* as id, count\(\*\)/, why: 'which keys are still in use' },
  {
    statement: /^update "\w+" as old set .* old\.ctid = new\.at::tid and old\."\w+" = new\.before$/,
    why: 'sealing anew, by what stood there',
  },
  { statement: /^delete from \w+ where (at|until) < \$1( |$)/, why: 'nightly: what was kept long enough goes' },
  {
    statement: /from member m join channel c on c\.id = m\.channel where m\.account = \$1/,
    why: 'the desks of one person',
  },
]

const oneLine = (text: string): string => text.trim().replace(/\s+/g, ' ')

/** Whether a statement is about one channel, or about none; a few that are about all have their reasons. */
export const namesChannel = (text: string): boolean =>
  !TOUCHES.test(text) || NAMES.test(text) || OF_ALL.some(({ statement }) => statement.test(oneLine(text)))

const found = new Set<string>()

function look(query: unknown): void {
  const text = typeof query === 'string' ? query : (query as { readonly text?: unknown } | undefined)?.text
  if (typeof text !== 'string' || namesChannel(text)) return
  // What a test itself asks is its own business.
  const by = (new Error().stack ?? '').split('\n').find((line) => line.includes('/server/src/'))
  if (by === undefined || by.includes('.test.ts')) return
  found.add(`${oneLine(text).slice(0, 300)} (${/server\/src\/[\w/.-]+/.exec(by)?.[0]})`)
}

let watching = false

/** From now on every statement that the product sends to PostgreSQL is looked at. */
export function watchStatements(): void {
  if (watching) return
  watching = true
  type Asking = { query: (...given: unknown[]) => unknown }
  for (const one of [pg.Pool.prototype, pg.Client.prototype] as unknown as Asking[]) {
    const plain = one.query
    one.query = function (this: unknown, ...given: unknown[]) {
      look(given[0])
      return plain.apply(this, given)
    }
  }
}

/** The statements since this was asked last that touch what is a channel's and name none. */
export function unnamedStatements(): string[] {
  const all = [...found].sort()
  found.clear()
  return all
}
