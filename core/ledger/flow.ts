import type { Amount, UnixSeconds } from '../schema.ts'
import { defineTable, noId, type World } from '../world/index.ts'
import { accounts, BOOKS, isBook } from './accounts.ts'
import type { TransferRow } from './transfer.ts'

/** What was paid to and spent by viewers within one minute (`minute` = seconds since 1970, rounded down to 60). */
export interface FlowRow {
  readonly minute: number
  readonly paid: Amount
  readonly spent: Amount
}

export const flows = defineTable<FlowRow>('flow', 'keyed', (row) => row.minute, [], noId)

export const minuteOf = (at: UnixSeconds): number => at - (((at % 60) + 60) % 60)

/** What a hand did, and what only changed hands: nobody's earning and nobody's purchase. */
const NEITHER: ReadonlySet<string> = new Set([
  'adjusted',
  'handed',
  'merged',
  'imported',
  'forgotten',
  // Of a game counts what the house adds to its pot or takes from it: the rest only changes hands.
  'staked',
  'won',
  'stakeBack',
  // Raffle tickets are spent once the raffle is finished: until then their money may go back.
  'tickets',
  'ticketsBack',
  // So is what was chipped in for a goal.
  'chipped',
  'chipBack',
])

export interface Flow {
  readonly paid: Amount
  readonly spent: Amount
}

/**
 * How much a list of transfers paid to viewers and took from them. Paid: issued to wallets. Spent: from wallets into
 * pots and books, less what was given back; a pot passing its stake on to a book counts once, when it left the wallet.
 * Of raffles: what is left of their pots when they are finished was spent. Of games: what the house added to their pots was paid, what it took from them was spent.
 */
export function flowOf(world: World, list: readonly TransferRow[]): Flow {
  let paid = 0
  let spent = 0
  const isWallet = (id: number) => !isBook(id) && world.get(accounts, id)?.kind === 'wallet'
  for (const { from, to, amount, returns, reason } of list) {
    if (NEITHER.has(reason)) continue
    if (from === BOOKS.issued || reason === 'houseAdds') paid += amount
    else if (reason === 'houseTakes' || reason === 'ticketsSpent' || reason === 'chipSpent') spent += amount
    else if (to === BOOKS.issued) paid -= amount
    else if (isWallet(from)) spent += amount
    else if (returns !== null && isWallet(to)) spent -= amount
  }
  return { paid, spent }
}

/** Adds a flow to the minute at hand. */
export function addFlow(world: World, flow: Flow): void {
  const minute = minuteOf(world.at)
  const row = world.get(flows, minute) ?? { minute, paid: 0, spent: 0 }
  world.put(flows, { minute, paid: row.paid + flow.paid, spent: row.spent + flow.spent })
}
