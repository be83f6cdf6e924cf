import { BOOKS, balanceOf, creditWithinCap, transfer } from '../ledger/index.ts'
import { readSetting } from '../settings/index.ts'
import type { ShowRow } from '../show/index.ts'
import type { World } from '../world/index.ts'
import { accrue, uncountedSeconds } from './accrue.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'
import { type WatchRow, watches } from './watch.ts'

/** What somebody's payment depends on, besides the room in their wallet. */
export type Standing = Pick<WatchRow, 'countedUntil' | 'carrySeconds'>

/** What a standing comes to at a payment. */
export interface Payout {
  readonly seconds: number
  readonly payouts: number
  /** Before it is cut at the most one can hold. */
  readonly amount: number
  readonly carrySeconds: number
}

/** What watching up to `until` pays to everybody who stands like this. */
export function payoutFor(standing: Standing, show: ShowRow, plan: EarningPlan, until: number): Payout {
  const seconds = uncountedSeconds({ ...standing, counting: true }, show, until)
  const { payouts, carrySeconds } = accrue(standing.carrySeconds, seconds, plan.intervalSeconds)
  return { seconds, payouts, amount: payouts * plan.base, carrySeconds }
}

/** The figures behind a payment, for the trail's sentence. */
export const payoutDetail = ({ payouts }: Payout, plan: EarningPlan) => ({
  payouts,
  each: plan.base,
  interval: plan.intervalSeconds,
})

/** Up to when somebody's time has been counted once it was counted up to `until`. */
export const countedUntil = (show: ShowRow, until: number): number => Math.min(until, show.endedAt ?? until)

/**
 * Counts somebody's watch time up to `until` and pays the intervals it fills.
 * @returns What they have watched by now and the amount paid (0 if no interval was filled, or the cap is reached).
 */
export function settleWatching(
  world: World,
  watch: WatchRow,
  show: ShowRow,
  until: number,
): { watch: WatchRow; paid: number } {
  if (!watch.counting) return { watch, paid: 0 }
  const plan = readSetting(world, earningSetting)
  const payout = payoutFor(watch, show, plan, until)
  if (payout.seconds === 0) return { watch, paid: 0 }
  const counted = {
    ...watch,
    countedUntil: countedUntil(show, until),
    carrySeconds: payout.carrySeconds,
    watchedSeconds: watch.watchedSeconds + payout.seconds,
    showId: show.id,
    showSeconds: (watch.showId === show.id ? watch.showSeconds : 0) + payout.seconds,
  }
  return { watch: world.put(watches, counted), paid: pay(world, watch.id, show, plan, payout) }
}

function pay(world: World, viewer: number, show: ShowRow, plan: EarningPlan, payout: Payout): number {
  const amount = creditWithinCap(payout.amount, balanceOf(world, viewer), plan.cap)
  if (amount === 0) return 0
  const detail = payoutDetail(payout, plan)
  const paid = transfer(world, { from: BOOKS.issued, to: viewer, amount, reason: 'watched', about: show.id, detail })
  return paid.ok ? amount : 0
}
