import { randomUUID } from 'node:crypto'
import type { Pool } from '../database/index.ts'

/** A lease lasts so long after it was renewed (milliseconds); so often it is renewed, and looked for what is free. */
export const LEASE_MS = 5000
export const RENEW_MS = 1500

const NOW = '(extract(epoch from clock_timestamp()) * 1000)::bigint'

// One whose time is over is anybody's. What was renewed last before is told, so that it is known up to when it was held.
const TAKE = `with before as (select connection, renewed_at from chat_lease where connection = any($1::text[]) and until <= ${NOW}
    for update skip locked),
  again as (update chat_lease l set holder = $2, renewed_at = ${NOW}, until = ${NOW} + $3 from before b
    where l.connection = b.connection returning l.connection, b.renewed_at),
  fresh as (insert into chat_lease (connection, holder, renewed_at, until)
    select c, $2, ${NOW}, ${NOW} + $3 from unnest($1::text[]) c
    where not exists (select 1 from chat_lease l where l.connection = c) on conflict do nothing returning connection)
  select connection, renewed_at as "renewedBefore" from again union all select connection, 0 from fresh`
const RENEW = `update chat_lease set renewed_at = ${NOW}, until = ${NOW} + $2 where holder = $1 and until > ${NOW}
  returning connection`
const OTHERS = `select count(distinct holder)::int as n from chat_lease where holder <> $1 and until > ${NOW}`

/** A connection that this instance has just taken, and when it was held last (milliseconds; 0: never). */
export interface TakenLease {
  readonly connection: string
  readonly renewedBefore: number
}

/** Which connections to networks this instance holds, by the clock of the database: whoever does not renew has lost them. */
export class Leases {
  readonly holder = randomUUID()

  constructor(readonly pool: Pool) {}

  /** Renews what is held. @returns What of it is held still. */
  async renew(): Promise<Set<string>> {
    const { rows } = await this.pool.query<{ connection: string }>(RENEW, [this.holder, LEASE_MS])
    return new Set(rows.map(({ connection }) => connection))
  }

  /** Takes what is free of these. */
  async take(wanted: readonly string[]): Promise<TakenLease[]> {
    if (wanted.length === 0) return []
    const { rows } = await this.pool.query<TakenLease>(TAKE, [wanted, this.holder, LEASE_MS])
    return rows.map(({ connection, renewedBefore }) => ({ connection, renewedBefore: Number(renewedBefore) }))
  }

  /** How many other instances hold any. */
  async others(): Promise<number> {
    return (await this.pool.query<{ n: number }>(OTHERS, [this.holder])).rows[0]?.n ?? 0
  }

  /** Lets go of some, so that others take them at once, and know that nothing was lost. */
  async letGo(connections: readonly string[]): Promise<void> {
    const text = 'update chat_lease set until = 0, renewed_at = 0 where holder = $1 and connection = any($2::text[])'
    await this.pool.query(text, [this.holder, connections])
  }
}
