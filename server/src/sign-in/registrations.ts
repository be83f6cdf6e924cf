import { and, asc, eq, isNull } from 'drizzle-orm'
import type { AccountKey } from '#core/people'
import { keyOf } from '#core/people'
import type { Config } from '../config.ts'
import { type Pool, reader, schema } from '../database/index.ts'

/** What this server is to somebody who signs people in, and what is asked of them. */
export interface Registration {
  /** 0: the one of the environment. */
  readonly id: number
  /** Before the accounts that it issues; empty: they are called as they are there. */
  readonly word: string
  /** What people know it by. */
  readonly name: string
  readonly issuer: string
  readonly clientId: string
  readonly clientSecret: string
  readonly scope: string
  readonly accountClaim: string
  readonly nameClaim: string
}

type OfEnvironment = Pick<
  Config,
  | 'OIDC_NAME'
  | 'OIDC_ISSUER'
  | 'OIDC_CLIENT_ID'
  | 'OIDC_CLIENT_SECRET'
  | 'OIDC_SCOPE'
  | 'OIDC_ACCOUNT_CLAIM'
  | 'OIDC_NAME_CLAIM'
>

/** The one that the environment names. */
export const ofEnvironment = (config: OfEnvironment): Registration => ({
  id: 0,
  word: '',
  name: config.OIDC_NAME || new URL(config.OIDC_ISSUER).host,
  issuer: config.OIDC_ISSUER,
  clientId: config.OIDC_CLIENT_ID,
  clientSecret: config.OIDC_CLIENT_SECRET,
  scope: config.OIDC_SCOPE,
  accountClaim: config.OIDC_ACCOUNT_CLAIM,
  nameClaim: config.OIDC_NAME_CLAIM,
})

/** Those that the operator has set besides, in the order in which they were. */
export async function ofOperator(pool: Pool): Promise<Registration[]> {
  const { signInIssuer: table } = schema
  const rows = await reader(pool).select().from(table).where(isNull(table.goneAt)).orderBy(asc(table.id))
  return rows.map(({ goneAt: _, ...row }) => row)
}

/** Everywhere that people may sign in. */
export const registrations = async (config: OfEnvironment, pool: Pool): Promise<Registration[]> => [
  ofEnvironment(config),
  ...(await ofOperator(pool)),
]

/** An account there, as this installation knows it. @param told - As it is told there. */
export const accountAt = ({ word }: Pick<Registration, 'word'>, told: string): AccountKey =>
  keyOf({ issuer: word, account: told })

/** One of them by its number; undefined: there is none any more. */
export async function registrationOf(config: OfEnvironment, pool: Pool, id: number): Promise<Registration | undefined> {
  if (id === 0) return ofEnvironment(config)
  const { signInIssuer: table } = schema
  const [row] = await reader(pool)
    .select()
    .from(table)
    .where(and(eq(table.id, id), isNull(table.goneAt)))
  return row
}
