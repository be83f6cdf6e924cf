import { sql } from 'drizzle-orm'
import type { Currency } from '#core/currency'
import { explainTransfer, type Reason } from '#core/ledger'
import type { Reader } from '../database/index.ts'
import { currencyOf } from '../settings/index.ts'

const PAGE = 50

export interface TrailEntry {
  readonly id: number
  readonly at: number
  /** Above 0: came in; below: went out. */
  readonly change: number
  readonly balance: number
  readonly why: string
}

export interface Trail {
  readonly entries: readonly TrailEntry[]
  /** To ask for the next page; null at the end. */
  readonly before: number | null
}

interface Row {
  id: number
  at: number
  change: number
  balance: number
  amount: number
  reason: Reason
  detail: Record<string, string | number> | null
}

/**
 * The transfers behind a wallet's balance, newest first: each with its sentence and the balance right after it.
 * Two index scans, one for what came in and one for what went out.
 */
export async function trailOf(
  db: Reader,
  channel: number,
  account: number,
  before = Number.MAX_SAFE_INTEGER,
): Promise<Trail> {
  const found = await db.execute(sql`
    (select id, at, amount as change, to_balance as balance, amount, reason, detail from transfer
      where channel = ${channel} and to_account = ${account} and id < ${before} order by id desc limit ${PAGE + 1})
    union all
    (select id, at, -amount, from_balance, amount, reason, detail from transfer
      where channel = ${channel} and from_account = ${account} and id < ${before} order by id desc limit ${PAGE + 1})
    order by id desc limit ${PAGE + 1}`)
  const currency = await currencyOf(db, channel)
  const rows = found.rows as unknown as Row[]
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
