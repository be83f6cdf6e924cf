import type { Amount, UnixSeconds } from '../schema.ts'
import { defineTable, ok, type Result, refuse, type World } from '../world/index.ts'
import { accounts, BOOKS, isBook } from './accounts.ts'
import { isAmount, MAX_AMOUNT } from './amount.ts'

/** Why currency moved. The trail makes a sentence of each (see explain.ts). */
export type Reason =
  | 'watched'
  | 'ordered'
  | 'delivered'
  | 'reopened'
  | 'gaveBack'
  | 'adjusted'
  | 'supported'
  | 'chatted'
  | 'checkedIn'
  | 'allowance'
  | 'welcomed'
  | 'gap'
  | 'gapUndone'
  | 'handed'
  | 'merged'
  | 'imported'
  | 'forgotten'
  | 'run'
  | 'charged'
  | 'chargeBack'
  | 'staked'
  | 'won'
  | 'stakeBack'
  | 'houseAdds'
  | 'houseTakes'
  | 'tickets'
  | 'ticketsBack'
  | 'ticketsSpent'
  | 'prize'
  | 'chipped'
  | 'chipBack'
  | 'chipSpent'

/** One movement of currency, never edited or deleted. The balances are those right after it; a book has none (null). */
export interface TransferRow {
  readonly id: number
  readonly at: UnixSeconds
  readonly from: number
  readonly to: number
  readonly amount: Amount
  readonly reason: Reason
  /** The id of what it belongs to: an order, a show. */
  readonly about: number | null
  /** The key of the intent that caused it. */
  readonly intent: string
  /** The transfer that this one gives back. */
  readonly returns: number | null
  readonly fromBalance: number | null
  readonly toBalance: number | null
  /** The figures behind the amount, for the trail's sentence. */
  readonly detail: Readonly<Record<string, string | number>> | null
}

export const transfers = defineTable<TransferRow>('transfer', 'append', (row) => row.id)

export interface TransferRequest {
  readonly from: number
  readonly to: number
  readonly amount: Amount
  readonly reason: Reason
  readonly about?: number
  readonly returns?: number
  readonly detail?: Readonly<Record<string, string | number>>
}

/**
 * Moves currency: the one door to every balance.
 * @returns The transfer, or `amount_not_whole` (not a whole number above 0), `balance_too_small` (wallet or pot holds
 * less), `amount_too_large` (a wallet would pass `MAX_AMOUNT`, a pot 2^53 - 1).
 */
export function transfer(world: World, request: TransferRequest): Result<TransferRow> {
  const { from, to, amount } = request
  if (!isAmount(amount)) return refuse('amount_not_whole', `${amount} is not a whole amount above 0.`)
  if (from === to) throw new Error(`A transfer from account ${from} to itself makes no sense.`)
  const fromBalance = balanceAfter(world, from, -amount)
  if (fromBalance !== null && fromBalance < 0) {
    const has = fromBalance + amount
    return refuse('balance_too_small', `There are ${has}, ${-fromBalance} short of ${amount}.`, {
      has,
      short: -fromBalance,
    })
  }
  const toBalance = balanceAfter(world, to, amount)
  const most = mostIn(world, to)
  if (toBalance !== null && toBalance > most) {
    return refuse('amount_too_large', `A balance cannot pass ${most}.`)
  }
  setBalance(world, from, fromBalance, to === BOOKS.issued ? -amount : 0)
  setBalance(world, to, toBalance, from === BOOKS.issued ? amount : 0)
  return ok(record(world, request, fromBalance, toBalance))
}

/** The most that an account holds: a pot holds several people's. */
const mostIn = (world: World, account: number): number =>
  !isBook(account) && world.get(accounts, account)?.kind === 'pot' ? Number.MAX_SAFE_INTEGER : MAX_AMOUNT

/**
 * Pays what is owed to somebody as far as their wallet has room for it: winnings and refunds must never keep a round or an
 * order from ending. What has no room stays where it was; the transfer says how much was owed (`owed`).
 * @returns What was paid.
 * @throws if the account it comes from holds less.
 */
export function payUpTo(world: World, request: TransferRequest): number {
  const paid = Math.min(request.amount, Math.max(0, MAX_AMOUNT - (world.get(accounts, request.to)?.balance ?? 0)))
  if (paid < request.amount)
    world.fact('balance.full', `viewer:${request.to}`, { owed: request.amount, paid, reason: request.reason })
  if (paid === 0) return 0
  const cut = paid < request.amount ? { detail: { ...request.detail, owed: request.amount } } : {}
  const moved = transfer(world, { ...request, ...cut, amount: paid })
  if (!moved.ok) throw new Error(`What is owed could not be paid: ${moved.refusal.sentence}`)
  return paid
}

function record(
  world: World,
  request: TransferRequest,
  fromBalance: number | null,
  toBalance: number | null,
): TransferRow {
  return world.append(transfers, {
    id: world.nextId(),
    at: world.at,
    from: request.from,
    to: request.to,
    amount: request.amount,
    reason: request.reason,
    about: request.about ?? null,
    intent: world.intentKey,
    returns: request.returns ?? null,
    fromBalance,
    toBalance,
    detail: request.detail ?? null,
  })
}

function balanceAfter(world: World, account: number, change: number): number | null {
  if (isBook(account)) return null
  const row = world.get(accounts, account)
  if (row === undefined) throw new Error(`There is no account ${account}.`)
  return row.balance + change
}

function setBalance(world: World, account: number, balance: Amount | null, earned: Amount): void {
  const row = balance === null ? undefined : world.get(accounts, account)
  if (row !== undefined && balance !== null)
    world.put(accounts, { ...row, balance, earned: Math.max(0, row.earned + earned) })
}
