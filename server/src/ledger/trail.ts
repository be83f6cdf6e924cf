import { sql } from 'drizzle-orm'
import type { Currency } from '#core/currency'
import { explainTransfer, type Reason } from '#core/ledger'
import type { Amount, UnixSeconds } from '#core/schema'
import type { Reader } from '../database/index.ts'
import { currencyOf } from '../settings/index.ts'
import type { Trail, TrailEntry } from './answers.ts'

const PAGE = 50

type Row = {
  id: number
  at: UnixSeconds
  change: number
  balance: Amount | null
  amount: Amount
  reason: Reason
  detail: Record<string, string | number> | null
}

/** What of a trail can be looked at alone. */
export const ONLY = ['earned', 'spent', 'hand'] as const

const REASONS: Readonly<Record<(typeof ONLY)[number], string>> = {
  earned: '{watched,supported,chatted,checkedIn,allowance,welcomed,gap,gapUndone}',
  spent: '{ordered,gaveBack,delivered,reopened}',
  hand: '{adjusted,handed,merged,imported}',
}

export interface TrailPart {
  readonly before?: number | undefined
  readonly only?: (typeof ONLY)[number] | undefined
}

/**
 * The transfers behind a wallet's balance, newest first: each with its sentence and the balance right after it.
 * Index scans: one for what came in, one for what went out, and one over the viewer's orders for what became of them.
 */
export async function trailOf(
  db: Reader,
  channel: number,
  account: number,
  { before = Number.MAX_SAFE_INTEGER, only }: TrailPart = {},
): Promise<Trail> {
  const wanted = only === undefined ? sql`true` : sql`reason = any(${REASONS[only]}::text[])`
  const found = await db.execute<Row>(sql`
    (select id, at, amount as change, to_balance as balance, amount, reason, detail from transfer
      where channel = ${channel} and to_account = ${account} and id < ${before} and ${wanted} order by id desc limit ${PAGE + 1})
    union all
    (select id, at, -amount, from_balance, amount, reason, detail from transfer
      where channel = ${channel} and from_account = ${account} and id < ${before} and ${wanted} order by id desc limit ${PAGE + 1})
    union all
    (select t.id, t.at, 0, null, t.amount, t.reason, t.detail from store_order o
      join transfer t on t.channel = o.channel and t.about = o.id and t.reason in ('delivered', 'reopened')
        and (t.from_account = o.id or t.to_account = o.id)
      where o.channel = ${channel} and o.viewer = ${account} and t.id < ${before} and ${wanted} order by t.id desc limit ${PAGE + 1})
    order by id desc limit ${PAGE + 1}`)
  const currency = await currencyOf(db, channel)
  const rows = found.rows
  const page = rows.slice(0, PAGE)
  return {
    entries: page.map((row) => entryOf(row, currency)),
    before: rows.length > PAGE ? (page.at(-1)?.id ?? null) : null,
  }
}

const entryOf = ({ id, at, change, balance, ...row }: Row, currency: Currency): TrailEntry => ({
  id,
  at,
  change,
  balance,
  why: explainTransfer(row, currency),
})
