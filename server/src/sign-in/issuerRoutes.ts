import { type Static, Type } from '@sinclair/typebox'
import { and, eq, isNull } from 'drizzle-orm'
import { OWN_ISSUERS } from '#core/people'
import { exactly, Id, Nothing, orNull } from '#core/schema'
import type { Config } from '../config.ts'
import { type Pool, reader, schema } from '../database/index.ts'
import { type InstallationRoute, idOf, installationRoute, problem } from '../http/index.ts'
import { isDown, reasonOf } from './fault.ts'
import type { Provider } from './provider.ts'
import { ofEnvironment, ofOperator } from './registrations.ts'

/** What the routes of the issuers stand on. */
export interface IssuerParts {
  readonly pool: Pool
  readonly config: Config
  readonly provider: Provider
}

const named = { minLength: 1, maxLength: 60, pattern: '\\S' }
const Claim = Type.String({ maxLength: 60, pattern: '^[^\\s\\u0000]*$' })
const changeable = {
  name: Type.String(named),
  clientId: Type.String({ minLength: 1, maxLength: 300, pattern: '\\S' }),
  scope: Type.String({ maxLength: 300, pattern: '^openid( \\S+)*$' }),
  nameClaim: Claim,
}
/** What stays as it was once somebody has signed in by it: another would make everybody somebody else. */
const lasting = {
  word: Type.String({ pattern: '^[a-z][a-z0-9-]{1,19}$' }),
  issuer: Type.String({
    maxLength: 300,
    pattern: '^(https://|http://(127\\.0\\.0\\.1|localhost|\\[::1\\])[:/])[^\\s?#]+$',
  }),
  accountClaim: Type.String({ ...named, pattern: '^\\S+$' }),
}
const Secret = Type.String({ maxLength: 500, pattern: '^[^\\r\\n\\u0000]*$' })
const NewIssuer = exactly({ ...lasting, ...changeable, clientSecret: Secret })
/** `clientSecret`: null leaves it as it is. */
const ChangedIssuer = exactly({ ...changeable, clientSecret: orNull(Secret) })
const Shown = exactly({ id: Id, ...lasting, ...changeable, hasSecret: Type.Boolean() })
const First = exactly({ name: Type.String(), issuer: Type.String() })
const Tested = exactly({ good: Type.Boolean(), sentence: Type.String() })

/** Every server ends the sessions of whoever signed in by it, and closes their feeds. */
const END_SESSIONS = `with gone as (delete from session where starts_with(account, $1) returning id_hash)
  select pg_notify('ricompensa_ended', id_hash) from gone`

/** By whom people may sign in: the operator adds, tests, changes and removes issuers. */
export const issuerRoutes = (parts: IssuerParts): InstallationRoute[] => [
  installationRoute({
    method: 'get',
    path: '/api/operator/issuers',
    does: 'By whom people may sign in: the one of the environment, and those that were added',
    allowed: 'operator',
    answer: exactly({ first: First, callback: Type.String(), issuers: Type.Array(Shown) }),
    handle: async () => {
      const { name, issuer } = ofEnvironment(parts.config)
      const added = await ofOperator(parts.pool)
      return {
        first: { name, issuer },
        callback: `${parts.config.PUBLIC_URL}/auth/callback`,
        issuers: added.map(({ clientSecret, ...one }) => ({ ...one, hasSecret: clientSecret !== '' })),
      }
    },
  }),
  installationRoute({
    method: 'post',
    path: '/api/operator/issuers',
    does: 'Add an issuer that people may sign in by',
    allowed: 'operator',
    secret: true,
    body: NewIssuer,
    answer: exactly({ id: Id }),
    handle: ({ body }) => add(parts, body),
  }),
  ...oneRoutes(parts),
]

const oneRoutes = ({ pool, provider }: IssuerParts): InstallationRoute[] => [
  installationRoute({
    method: 'post',
    path: '/api/operator/issuers/:id',
    does: 'Change what an issuer is called, and how it is asked',
    allowed: 'operator',
    secret: true,
    body: ChangedIssuer,
    answer: Nothing,
    handle: async ({ param, body: { clientSecret, ...rest } }) => {
      const next = { ...rest, ...(clientSecret !== null && { clientSecret }) }
      const done = await reader(pool)
        .update(table)
        .set(next)
        .where(and(eq(table.id, idOf(param('id'))), isNull(table.goneAt)))
      if (done.rowCount === 0) throw problem('not_found')
      return {}
    },
  }),
  removeRoute(pool, provider),
  installationRoute({
    method: 'post',
    path: '/api/operator/issuers/:id/test',
    does: 'Ask an issuer how people sign in there; 0 is the one of the environment',
    allowed: 'operator',
    limit: 'costly',
    answer: Tested,
    handle: ({ param }) => test(provider, param('id') === '0' ? 0 : idOf(param('id'))),
  }),
]

const removeRoute = (pool: Pool, { clock }: Provider): InstallationRoute =>
  installationRoute({
    method: 'post',
    path: '/api/operator/issuers/:id/remove',
    does: 'Remove an issuer: whoever signed in by it is signed out',
    allowed: 'operator',
    secret: true,
    answer: Nothing,
    handle: async ({ param }) => {
      const text = 'update sign_in_issuer set gone_at = $2 where id = $1 and gone_at is null returning word'
      const [gone] = (await pool.query<{ word: string }>(text, [idOf(param('id')), clock()])).rows
      if (gone === undefined) throw problem('not_found')
      await pool.query(END_SESSIONS, [`${gone.word}\n`])
      return {}
    },
  })

const { signInIssuer: table } = schema

/** One that is gone comes back by its word, if it is the same; nobody else ever has its word. */
async function add({ pool, config }: IssuerParts, body: Static<typeof NewIssuer>): Promise<{ id: number }> {
  const { word, issuer, accountClaim, ...rest } = body
  const all = await reader(pool).select().from(table)
  const same = (one: { readonly issuer: string }) => plain(one.issuer) === plain(issuer)
  const before = all.find((one) => one.word === word)
  const taken = [ofEnvironment(config), ...all.filter(({ goneAt }) => goneAt === null)].some(same)
  const fits = before === undefined || (before.goneAt !== null && same(before) && before.accountClaim === accountClaim)
  if (taken || !fits || OWN_ISSUERS.includes(word)) throw problem('issuer_taken')
  const [made] =
    before === undefined
      ? await reader(pool).insert(table).values(body).onConflictDoNothing().returning({ id: table.id })
      : await reader(pool)
          .update(table)
          .set({ ...rest, goneAt: null })
          .where(eq(table.id, before.id))
          .returning({ id: table.id })
  if (made === undefined) throw problem('issuer_taken')
  return made
}

const plain = (issuer: string): string => issuer.replace(/\/+$/, '').toLowerCase()

async function test(provider: Provider, id: number): Promise<Static<typeof Tested>> {
  try {
    await provider.test(id)
    return { good: true, sentence: 'It answers, and says where people sign in and what it signs with.' }
  } catch (fault) {
    const sentence = isDown(fault)
      ? 'It does not answer. Check its address.'
      : `That does not work: ${reasonOf(fault)}.`
    return { good: false, sentence }
  }
}
