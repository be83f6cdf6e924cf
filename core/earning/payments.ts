import { addFlow } from '../ledger/index.ts'
import { watches } from '../people/index.ts'
import type { Amount, ShowId, UnixSeconds } from '../schema.ts'
import { readSetting, writeSetting } from '../settings/index.ts'
import { addToShow, openShow, setTick } from '../show/index.ts'
import { type Envelope, type Handler, ok, type World } from '../world/index.ts'
import { applyPending } from './change.ts'
import { hasBonuses } from './payout.ts'
import { countedUntil, offAirPeriod, type Period, showPeriod } from './period.ts'
import { earningSetting, offAirSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'
import { type Payee, type Payout, payoutDetail, payoutFor, settleWatching } from './settle.ts'
import { nextTick } from './tick.ts'

/** Pays the people present whose ids lie in a range: so many that chat does not wait long behind a large audience. */
export interface PayWatching {
  readonly kind: 'earning.pay'
  /** 0: the time off air. */
  readonly show: ShowId
  readonly after: number
  readonly upTo: number
  /** Up to when it is known who was there, if that is not now (chat is away). */
  readonly until?: UnixSeconds
  /** What came of it where the payout table was applied to everyone at once (see `payoutTable`). */
  readonly done?: { readonly viewers: number; readonly paid: Amount }
}

/** Pays everyone present in the range. Who has left meanwhile was settled on leaving. */
export const payPresent = {
  decide(world, intent) {
    const period = periodOf(world, intent)
    if (period === undefined) return ok({ viewers: 0, paid: 0 })
    const { viewers, paid } = intent.done ?? payOneByOne(world, period, intent)
    if (intent.done !== undefined && paid > 0) {
      addFlow(world, { paid, spent: 0 })
      addToShow(world, { paid, spent: 0 })
    }
    if (viewers > 0) world.fact('earning.paid', 'everyone', { viewers, amount: paid })
    return ok({ viewers, paid })
  },
} satisfies Handler<PayWatching>

function periodOf(world: World, intent: PayWatching): Period | undefined {
  if (intent.show === 0) return offAirPeriod(world)
  const show = openShow(world)
  return show !== undefined && show.id === intent.show ? showPeriod(show) : undefined
}

const untilOf = (world: World, intent: PayWatching): number => Math.min(world.at, intent.until ?? world.at)

function payOneByOne(world: World, period: Period, intent: PayWatching): { viewers: number; paid: Amount } {
  let [viewers, paid] = [0, 0]
  for (const watch of world.all(watches)) {
    if (watch.id <= intent.after || watch.id > intent.upTo) continue
    const settled = settleWatching(world, watch, period, untilOf(world, intent))
    paid += settled.paid
    if (settled.paid > 0) viewers++
  }
  return { viewers, paid }
}

/** What a payment comes to for everybody who stands alike, and what it writes for all of them. */
export interface PayoutTable {
  readonly period: Period
  readonly plan: EarningPlan
  readonly countedUntil: UnixSeconds
  readonly lines: readonly (Payee & { readonly payout: Payout; readonly detail: ReturnType<typeof payoutDetail> })[]
}

/** What tells payees apart: nothing but their time where the plan has no bonuses. `until` is the time of the payment. */
export interface PayeesAsked {
  readonly offAir: boolean
  readonly bonuses: boolean
  readonly until: UnixSeconds
  /** Who chatted at this time or later counts as active. */
  readonly activeSince: UnixSeconds
}

/** How payees must be told apart for a payment; undefined if there is nothing to pay for. */
export function payeesAsked(world: World, intent: PayWatching & Envelope): PayeesAsked | undefined {
  const period = periodOf(world, intent)
  if (period === undefined) return undefined
  const plan = readSetting(world, earningSetting)
  const until = Math.min(intent.at, intent.until ?? intent.at)
  const offAir = period.show === null
  return { offAir, bonuses: !offAir && hasBonuses(plan), until, activeSince: until - plan.active.withinSeconds }
}

/**
 * The payout for each distinct payee among those present, to be applied to an audience of any size at once: credited
 * within the plan's cap (`creditWithinCap`), counted up to `countedUntil`. Undefined if there is nothing to pay for.
 */
export function payoutTable(
  world: World,
  intent: PayWatching & Envelope,
  payees: readonly Payee[],
): PayoutTable | undefined {
  const period = periodOf(world, intent)
  if (period === undefined) return undefined
  const plan = readSetting(world, earningSetting)
  const until = Math.min(intent.at, intent.until ?? intent.at)
  const lines = payees.flatMap((payee) => {
    const payout = payoutFor(payee, period, plan, until)
    return payout.seconds > 0 ? [{ ...payee, payout, detail: payoutDetail(world, payee, payout, period, plan) }] : []
  })
  return { period, plan, countedUntil: countedUntil(period, until), lines }
}

export interface ScheduleTick {
  readonly kind: 'earning.schedule'
  /** 0: the time off air. */
  readonly show: ShowId
}

/** Sets the next payment: one interval on, counted from the start, so that it does not drift. */
export const scheduleTick = {
  decide(world, intent) {
    const show = openShow(world)
    if (intent.show === 0) return scheduleOffAir(world)
    if (show === undefined || show.id !== intent.show) return ok({})
    // Everyone has been paid for the time off air before the show.
    if (readSetting(world, offAirSetting).since !== null) writeSetting(world, offAirSetting, { since: null })
    applyPending(world, show)
    const { intervalSeconds } = readSetting(world, earningSetting)
    const at = nextTick(show.startedAt, intervalSeconds, world.at)
    setTick(world, show.id, at)
    return ok({ at })
  },
} satisfies Handler<ScheduleTick>

function scheduleOffAir(world: World) {
  const period = offAirPeriod(world)
  if (period === undefined || period.to !== null) return ok({})
  const at = nextTick(period.from, readSetting(world, earningSetting).offAir.intervalSeconds, world.at)
  setTick(world, 0, at)
  return ok({ at })
}
