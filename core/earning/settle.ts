import { accounts, BOOKS, balanceOf, creditWithinCap, transfer } from '../ledger/index.ts'
import { type ViewerRow, viewers } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { openShow, type ShowRow } from '../show/index.ts'
import { type Handler, needKey, ok, type World } from '../world/index.ts'
import { accrue, uncountedSeconds } from './accrue.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'

/**
 * Counts somebody's watch time up to `until` and pays the intervals it fills.
 * @returns The viewer as they are now and the amount paid (0 if no interval was filled, or the cap is reached).
 */
export function settleWatching(
  world: World,
  viewer: ViewerRow,
  show: ShowRow,
  until: number,
): { viewer: ViewerRow; paid: number } {
  const seconds = uncountedSeconds(viewer, show, until)
  if (seconds === 0) return { viewer, paid: 0 }
  const plan = readSetting(world, earningSetting)
  const { payouts, carrySeconds } = accrue(viewer.carrySeconds, seconds, plan.intervalSeconds)
  const paid = payWatching(world, viewer, show, plan, payouts)
  const counted = {
    ...viewer,
    accruedUntil: Math.min(until, show.endedAt ?? until),
    carrySeconds,
    watchedSeconds: viewer.watchedSeconds + seconds,
    showId: show.id,
    showSeconds: (viewer.showId === show.id ? viewer.showSeconds : 0) + seconds,
  }
  return { viewer: world.put(viewers, counted), paid }
}

function payWatching(world: World, viewer: ViewerRow, show: ShowRow, plan: EarningPlan, payouts: number): number {
  const amount = creditWithinCap(payouts * plan.base, balanceOf(world, viewer.id), plan.cap)
  if (amount === 0) return 0
  const detail = { payouts, each: plan.base, interval: plan.intervalSeconds }
  const paid = transfer(world, { from: BOOKS.issued, to: viewer.id, amount, reason: 'watched', about: show.id, detail })
  return paid.ok ? amount : 0
}

export interface PayWatching {
  readonly kind: 'earning.pay'
  readonly show: number
  /** Ids of viewers present; some thousands at most, so that chat does not wait behind a large audience. */
  readonly viewers: readonly number[]
  /** Up to when it is known who was there, if that is not now (chat is away). */
  readonly until?: number
}

/** Pays a page of the people present. Who has left meanwhile was settled on leaving. */
export const payPresent: Handler<PayWatching> = {
  needs: (_world, intent) => intent.viewers.flatMap((id) => [needKey(viewers, id), needKey(accounts, id)]),
  decide(world, intent) {
    const show = openShow(world)
    if (show === undefined || show.id !== intent.show) return ok({ viewers: 0, paid: 0 })
    const until = Math.min(world.at, intent.until ?? world.at)
    let paid = 0
    let paidViewers = 0
    for (const id of intent.viewers) {
      const viewer = world.get(viewers, id)
      if (viewer === undefined || !viewer.present || viewer.ignored) continue
      const settled = settleWatching(world, viewer, show, until)
      paid += settled.paid
      if (settled.paid > 0) paidViewers++
    }
    if (paidViewers > 0) world.fact('earning.paid', 'everyone', { viewers: paidViewers, amount: paid })
    return ok({ viewers: paidViewers, paid })
  },
}

export interface ScheduleTick {
  readonly kind: 'earning.schedule'
  readonly show: number
}

/** Sets the next payment: one interval on, counted from the start of the show, so that it does not drift. */
export const scheduleTick: Handler<ScheduleTick> = {
  decide(world, intent) {
    const show = openShow(world)
    if (show === undefined || show.id !== intent.show) return ok({})
    const { intervalSeconds } = readSetting(world, earningSetting)
    const at = nextTick(show.startedAt, intervalSeconds, world.at)
    world.timer({ job: 'earning.tick', key: 'earning.tick', at, data: { show: show.id } })
    return ok({ at })
  },
}

/** The first whole number of intervals after `start` that lies after `now` (seconds). */
export const nextTick = (start: number, interval: number, now: number): number =>
  start + (Math.floor((now - start) / interval) + 1) * interval
