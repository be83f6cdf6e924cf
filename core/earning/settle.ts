import { earnedOf } from '../ledger/index.ts'
import { circles, standingName, standingsOf, viewers, type WatchRow, watches } from '../people/index.ts'
import type { Amount, Seconds, UnixSeconds } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import type { ShowRow } from '../show/index.ts'
import type { World } from '../world/index.ts'
import { accrue } from './accrue.ts'
import { credit } from './credit.ts'
import { bonusInWords, payoutOf } from './payout.ts'
import { countedUntil, type Period, uncountedSeconds } from './period.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'

/** What somebody's payment depends on, besides the room in their wallet. */
export interface Payee {
  readonly countedUntil: UnixSeconds
  /** Seconds carried over: on air or off air, as the period is. */
  readonly carrySeconds: Seconds
  readonly standings: readonly string[]
  readonly active: boolean
}

/** What a payee comes to at a payment. */
export interface Payout {
  readonly seconds: Seconds
  readonly payouts: number
  /** Of one interval. */
  readonly each: number
  /** Before it is cut at the balance cap. */
  readonly amount: Amount
  readonly carrySeconds: Seconds
}

/** What a period up to `until` pays to everybody who stands like this. */
export function payoutFor(payee: Payee, period: Period, plan: EarningPlan, until: UnixSeconds): Payout {
  const seconds = uncountedSeconds({ ...payee, counting: true }, period, until)
  const offAir = period.show === null
  const interval = offAir ? plan.offAir.intervalSeconds : plan.intervalSeconds
  const { payouts, carrySeconds } = accrue(payee.carrySeconds, seconds, interval)
  const each = payoutOf(plan, payee.standings, payee.active, offAir)
  return { seconds, payouts, each, amount: payouts * each, carrySeconds }
}

/** The figures behind a payment. */
type PayoutDetail = Readonly<Record<string, string | number>>

/** The figures behind a payment, for the trail's sentence. */
export function payoutDetail(
  world: World,
  payee: Payee,
  payout: Payout,
  period: Period,
  plan: EarningPlan,
): PayoutDetail {
  const { payouts, each } = payout
  if (period.show === null) return { payouts, each, interval: plan.offAir.intervalSeconds, offAir: 1 }
  const nameOf = (standing: string) => standingName(standing, world.all(circles))
  const bonus = bonusInWords(plan, payee.standings, payee.active, nameOf)
  return { payouts, each, interval: plan.intervalSeconds, ...(bonus !== '' && { base: plan.base, bonus }) }
}

/** Whether somebody who chatted at a time counts as active at a payment. */
export const isActive = (
  chattedAt: UnixSeconds | null,
  plan: Pick<EarningPlan, 'active'>,
  until: UnixSeconds,
): boolean => chattedAt !== null && chattedAt >= until - plan.active.withinSeconds

function payeeOf(world: World, watch: WatchRow, period: Period, plan: EarningPlan, until: UnixSeconds): Payee {
  const viewer = world.get(viewers, watch.id)
  return {
    countedUntil: watch.countedUntil,
    carrySeconds: period.show === null ? watch.offAirCarry : watch.carrySeconds,
    standings: viewer ? standingsOf(viewer, until) : [],
    active: isActive(viewer?.chattedAt ?? null, plan, until),
  }
}

/** Somebody's row for the show at hand: on their first moment of it, what they had earned before is noted. */
export const inShow = (world: World, watch: WatchRow, show: ShowRow): WatchRow =>
  watch.showId === show.id
    ? watch
    : { ...watch, showId: show.id, showSeconds: 0, showEarnedFrom: earnedOf(world, watch.id) }

/**
 * Counts somebody's time in a period up to `until` and pays the intervals it fills.
 * @returns What they have watched by now and the amount paid (0 if no interval was filled, or the cap is reached).
 */
export function settleWatching(
  world: World,
  watch: WatchRow,
  period: Period,
  until: UnixSeconds,
): { watch: WatchRow; paid: Amount } {
  if (!watch.counting) return { watch, paid: 0 }
  const plan = readSetting(world, earningSetting)
  const payee = payeeOf(world, watch, period, plan, until)
  const payout = payoutFor(payee, period, plan, until)
  if (payout.seconds === 0) return { watch, paid: 0 }
  const counted = world.put(watches, counts(world, watch, period, payout, until))
  const detail = payoutDetail(world, payee, payout, period, plan)
  const about = period.show === null ? {} : { about: period.show.id }
  return { watch: counted, paid: credit(world, watch.id, payout.amount, { reason: 'watched', detail, ...about }) }
}

function counts(world: World, watch: WatchRow, period: Period, payout: Payout, until: UnixSeconds): WatchRow {
  const counted = { ...watch, countedUntil: countedUntil(period, until) }
  if (period.show === null) return { ...counted, offAirCarry: payout.carrySeconds }
  const here = inShow(world, counted, period.show)
  return {
    ...here,
    carrySeconds: payout.carrySeconds,
    watchedSeconds: watch.watchedSeconds + payout.seconds,
    showSeconds: here.showSeconds + payout.seconds,
  }
}
