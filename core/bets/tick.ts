import { durationInWords } from '../currency/index.ts'
import { accounts } from '../ledger/index.ts'
import { type Handler, needKey, ok, type World } from '../world/index.ts'
import { lockBet, payNow } from './act.ts'
import { needBackersPage } from './backers.ts'
import { paySome } from './pay.ts'
import { type BetRow, betTotalsOf, runningBet } from './rows.ts'
import { betDefaults } from './settings.ts'
import { potInWords, tell, tellCount } from './tell.ts'
import { type BetTick, soonAt } from './timers.ts'

/** A bet goes on because its time has come. A timer that comes twice, or for a time that was changed, does nothing. */
export const tickBet = {
  needs(world, { bet: id, what, after = 0 }) {
    const bet = runningBet(world, id)
    if (bet === undefined) return []
    const pot = needKey(accounts, id)
    return what === 'page' ? [pot, ...needBackersPage(world, id, after)] : [pot]
  },
  decide(world, tick) {
    const bet = runningBet(world, tick.bet)
    if (bet !== undefined) goOn(world, bet, tick)
    return ok({})
  },
} satisfies Handler<BetTick>

function goOn(world: World, bet: BetRow, { what, due, after = 0 }: BetTick): void {
  const { status } = bet
  switch (what) {
    case 'lock':
      // The server was away: nobody could bet after that time, whenever it is noticed.
      if (status === 'open' && bet.locksAt === due) lockBet(world, bet, 'time', due)
      return
    case 'soon':
      if (status === 'open' && soonAt(bet) === due) soon(world, bet)
      return
    case 'pay':
      if (status === 'announced' && bet.pick?.paysAt === due) payNow(world, bet)
      return
    case 'page':
      if ((status === 'paying' || status === 'returning') && bet.paidTo === after) paySome(world, bet)
      return
    case 'told':
      if (betTotalsOf(world, bet).tellAt === due) tellCount(world, betTotalsOf(world, bet))
  }
}

function soon(world: World, bet: BetRow): void {
  const left = durationInWords(Math.max(1, (bet.locksAt ?? world.at) - world.at))
  const how = `!${betDefaults(world).word.word} ${bet.settings.outcomes[0]?.word ?? '1'} 100`
  tell(
    world,
    `“${bet.settings.question}” locks in ${left}: ${potInWords(world, betTotalsOf(world, bet))}. ${how} to bet.`,
  )
}
