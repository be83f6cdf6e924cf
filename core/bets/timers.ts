import type { BetId, UnixSeconds } from '../schema.ts'
import type { World } from '../world/index.ts'
import { type BetRow, bets } from './rows.ts'

/** What a timer of a bet is for. */
export type BetTimer = 'lock' | 'soon' | 'pay' | 'page' | 'told'

export interface BetTick {
  readonly kind: 'bet.tick'
  readonly bet: BetId
  readonly what: BetTimer
  /** The time for which this timer was set. */
  readonly due: UnixSeconds
  /** Of a page: up to whom it had gone. */
  readonly after?: number
}

/** Sets a timer. One that comes for a time that is not the bet's any more finds that, and does nothing. */
export function setTimer(world: World, bet: BetId, what: BetTimer, due: UnixSeconds, after?: number): void {
  const mark = after === undefined ? `${what}/${due}` : `${what}/${due}/${after}`
  const more = after === undefined ? {} : { after }
  world.timer({ key: `bet/${bet}/${mark}`, at: due, intent: { kind: 'bet.tick', bet, what, due, ...more } })
}

/** When chat is told that a bet locks soon; null: never. */
export const soonAt = ({ locksAt, settings }: BetRow): number | null =>
  locksAt === null || settings.announce.soonSeconds === 0 ? null : locksAt - settings.announce.soonSeconds

/** Has a bet lock at a time, and chat be told before. */
export function lockLater(world: World, bet: BetRow, locksAt: UnixSeconds | null): BetRow {
  const later = world.put(bets, { ...bet, locksAt })
  if (locksAt !== null) setTimer(world, bet.id, 'lock', locksAt)
  const soon = soonAt(later)
  if (soon !== null && soon > world.at) setTimer(world, bet.id, 'soon', soon)
  return later
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'bet.tick': BetTick
  }
}
