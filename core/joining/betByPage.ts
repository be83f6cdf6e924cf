import { layBet, needLay, runningBet, takeBetBack } from '../bets/index.ts'
import { balanceOf } from '../ledger/index.ts'
import { findViewer, keyOf, meet, needWatch, type Who } from '../people/index.ts'
import type { Amount, BetId } from '../schema.ts'
import { type Handler, ok, refuse } from '../world/index.ts'

export interface LayByPage {
  readonly kind: 'bet.lay'
  readonly who: Who
  readonly bet: BetId
  /** Null: all that they have in it is taken back. */
  readonly outcome: number | null
  readonly stake: Amount
}

/** Betting on the viewer page, or taking back: the same as in chat. */
export const layByPage = {
  needs(world, { who, bet }) {
    const needed = needWatch(world, keyOf(who))
    if (!needed.every((need) => world.rows.has(need))) return needed
    return [...needed, ...needLay(bet, findViewer(world, keyOf(who))?.id)]
  },
  decide(world, { who, bet: id, outcome, stake }) {
    const viewer = meet(world, who)
    const bet = runningBet(world, id)
    if (bet === undefined) return refuse('bet_locked', 'This bet is over.')
    const done = outcome === null ? takeBetBack(world, bet, viewer) : layBet(world, bet, viewer, outcome, stake)
    if (!done.ok) return done
    const { staked, told } = done.value
    return ok({ bet: id, staked, told, balance: balanceOf(world, viewer.id) })
  },
} satisfies Handler<LayByPage>
