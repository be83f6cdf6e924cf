import { countStaked } from '../games/index.ts'
import { BOOKS, balanceOf, payUpTo, transfer } from '../ledger/index.ts'
import { PAGE_OF_PEOPLE } from '../lists/index.ts'
import { FORGOTTEN, payeeOf, viewers } from '../people/index.ts'
import type { Amount, ViewerId } from '../schema.ts'
import type { World } from '../world/index.ts'
import { nextBackers } from './backers.ts'
import { giveBack } from './lay.ts'
import { type BackingRow, type BetRow, backingOf, backings, bets } from './rows.ts'
import { type Payment, paidTo, stakedIn } from './settle.ts'
import { tellChanged, winnerOf } from './tell.ts'
import { setTimer } from './timers.ts'

/** All stakes back: a bet that is called off. */
const ALL_BACK: Payment = {
  winning: null,
  knownFrom: null,
  winningStakes: 0,
  prize: 0,
  rake: 0,
  late: 0,
  winners: 0,
  cut: null,
}

/** Begins to pay a bet, or to give all stakes back: some people at a time. */
export function beginPaying(world: World, bet: BetRow, status: 'paying' | 'returning'): BetRow {
  const paying = world.put(bets, { ...bet, status, locksAt: null, paidTo: 0 })
  setTimer(world, bet.id, 'page', world.at, 0)
  tellChanged(world, paying)
  return paying
}

/** Pays the next people; once all are paid, the bet is over. Needs `needBackersPage` and the pot. */
export function paySome(world: World, bet: BetRow): BetRow {
  const page = nextBackers(world, bet.id, bet.paidTo)
  const payment = bet.status === 'returning' ? ALL_BACK : (bet.payment ?? ALL_BACK)
  for (const { viewer } of page) {
    const backing = backingOf(world, bet.id, viewer)
    if (backing !== undefined) payOne(world, bet, backing, payment)
  }
  const last = page.at(-1)?.nr ?? bet.paidTo
  const paid = world.put(bets, { ...bet, paidTo: last })
  if (page.length < PAGE_OF_PEOPLE) return endBet(world, paid)
  setTimer(world, bet.id, 'page', world.at, last)
  return paid
}

function payOne(world: World, bet: BetRow, backing: BackingRow, payment: Payment): void {
  if (backing.laid.length === 0) return
  const payee = payeeOf(world, backing.viewer)
  // Nobody opens the wallet of who was forgotten: what they would get stays in the pot, and goes to the house with the rake.
  if (world.get(viewers, payee)?.issuer === FORGOTTEN) return
  const owed = paidTo(backing, payment)
  // Who gets nothing hears that the bet is over: of a crowd most lose, and a row and a fact for each would hold up who won.
  if (owed.back === 0 && owed.won === 0) return
  const back = giveBack(world, bet, payee, owed.back)
  const won = payWinner(world, bet, payee, owed.won, stakedIn(backing.laid) - owed.back)
  world.put(backings, { ...backing, back: backing.back + back, won })
  world.fact('bet.own', `viewer:${payee}`, { bet: bet.id, staked: stakedIn(backing.laid), won })
}

function payWinner(world: World, { id, settings }: BetRow, payee: ViewerId, won: Amount, stake: Amount): Amount {
  if (won === 0) return 0
  const detail = { name: settings.question, stake }
  const got = payUpTo(world, { from: id, to: payee, amount: won, reason: 'won', about: id, detail })
  countStaked(world, payee, { staked: 0, paid: got })
  world.fact('balance.changed', `viewer:${payee}`, { balance: balanceOf(world, payee) })
  return got
}

/** Ends a bet: what is left in its pot, the rake and what a wallet had no room for, is the house's. */
function endBet(world: World, bet: BetRow): BetRow {
  const left = balanceOf(world, bet.id)
  if (left > 0) {
    const detail = { name: bet.settings.question }
    const moved = transfer(world, {
      from: bet.id,
      to: BOOKS.house,
      amount: left,
      reason: 'houseTakes',
      about: bet.id,
      detail,
    })
    if (!moved.ok) throw new Error(`A bet could not be ended: ${moved.refusal.sentence}`)
  }
  const status = bet.status === 'returning' ? 'off' : 'settled'
  const ended = world.put(bets, { ...bet, status, endedAt: world.at })
  world.fact('bet.ended', 'everyone', {
    bet: bet.id,
    status,
    question: bet.settings.question,
    winner: winnerOf(ended),
    why: ended.why,
  })
  return ended
}
