import { addFlow } from '../ledger/index.ts'
import { readSetting } from '../settings/index.ts'
import { addToShow, openShow, type ShowRow, setTick } from '../show/index.ts'
import { type Envelope, type Handler, ok, type World } from '../world/index.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'
import { countedUntil, type Payout, payoutDetail, payoutFor, type Standing, settleWatching } from './settle.ts'
import { watches } from './watch.ts'

/** Pays the people present whose ids lie in a range: so many that chat does not wait long behind a large audience. */
export interface PayWatching {
  readonly kind: 'earning.pay'
  readonly show: number
  readonly after: number
  readonly upTo: number
  /** Up to when it is known who was there, if that is not now (chat is away). */
  readonly until?: number
  /** What came of it where the payout table was applied to everyone at once (see `payoutTable`). */
  readonly done?: { readonly viewers: number; readonly paid: number }
}

/** Pays everyone present in the range. Who has left meanwhile was settled on leaving. */
export const payPresent: Handler<PayWatching> = {
  decide(world, intent) {
    const show = openShow(world)
    if (show === undefined || show.id !== intent.show) return ok({ viewers: 0, paid: 0 })
    const { viewers, paid } = intent.done ?? payOneByOne(world, show, intent)
    if (intent.done !== undefined && paid > 0) {
      addFlow(world, { paid, spent: 0 })
      addToShow(world, { paid, spent: 0 })
    }
    if (viewers > 0) world.fact('earning.paid', 'everyone', { viewers, amount: paid })
    return ok({ viewers, paid })
  },
}

const untilOf = (world: World, intent: PayWatching): number => Math.min(world.at, intent.until ?? world.at)

function payOneByOne(world: World, show: ShowRow, intent: PayWatching): { viewers: number; paid: number } {
  let [viewers, paid] = [0, 0]
  for (const watch of world.all(watches)) {
    if (watch.id <= intent.after || watch.id > intent.upTo) continue
    const settled = settleWatching(world, watch, show, untilOf(world, intent))
    paid += settled.paid
    if (settled.paid > 0) viewers++
  }
  return { viewers, paid }
}

/** What a payment comes to for everybody who stands alike, and what it writes for all of them. */
export interface PayoutTable {
  readonly show: ShowRow
  readonly plan: EarningPlan
  readonly countedUntil: number
  readonly lines: readonly (Standing & { readonly payout: Payout; readonly detail: ReturnType<typeof payoutDetail> })[]
}

/**
 * The payout for each distinct standing among those present, to be applied to an audience of any size at once: credited
 * within the plan's cap (`creditWithinCap`), counted up to `countedUntil`. Undefined if there is nothing to pay for.
 */
export function payoutTable(
  world: World,
  intent: PayWatching & Envelope,
  standings: readonly Standing[],
): PayoutTable | undefined {
  const show = openShow(world)
  if (show === undefined || show.id !== intent.show) return undefined
  const plan = readSetting(world, earningSetting)
  const until = Math.min(intent.at, intent.until ?? intent.at)
  const lines = standings.flatMap((standing) => {
    const payout = payoutFor(standing, show, plan, until)
    return payout.seconds > 0 ? [{ ...standing, payout, detail: payoutDetail(payout, plan) }] : []
  })
  return { show, plan, countedUntil: countedUntil(show, until), lines }
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
    setTick(world, show, at)
    return ok({ at })
  },
}

/** The first whole number of intervals after `start` that lies after `now` (seconds). */
export const nextTick = (start: number, interval: number, now: number): number =>
  start + (Math.floor((now - start) / interval) + 1) * interval
