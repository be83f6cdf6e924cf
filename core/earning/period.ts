import type { UnixSeconds } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { openShow, type ShowRow } from '../show/index.ts'
import type { World } from '../world/index.ts'
import { earningSetting, offAirSetting } from './plan.ts'

/** A stretch of time that is paid in one way. Times in seconds since 1970. */
export interface Period {
  /** The show it is of; null: the time off air. */
  readonly show: ShowRow | null
  readonly from: number
  /** Up to when it counts; null: it goes on. */
  readonly to: number | null
  /** Nobody's time is counted beyond this; null: it goes on. */
  readonly end: number | null
}

export const showPeriod = (show: ShowRow): Period => ({
  show,
  from: show.countsFrom,
  to: Math.min(show.pausedAt ?? Number.POSITIVE_INFINITY, show.endedAt ?? Number.POSITIVE_INFINITY),
  end: show.endedAt,
})

/** The time off air that is being paid; undefined if it is not, or all of it has been. */
export function offAirPeriod(world: World): Period | undefined {
  const { since } = readSetting(world, offAirSetting)
  if (since === null || readSetting(world, earningSetting).offAir.base === 0) return undefined
  const show = openShow(world)
  const to = show === undefined || show.countsFrom < since ? null : show.countsFrom
  if (show !== undefined && to === null) return undefined
  return { show: null, from: since, to, end: to }
}

/** What of the present is to be paid, the earlier first. */
export function periodsOf(world: World): Period[] {
  const show = openShow(world)
  const offAir = offAirPeriod(world)
  return [...(offAir ? [offAir] : []), ...(show ? [showPeriod(show)] : [])]
}

/** The seconds of a period that somebody was there for and that have not been counted yet. */
export function uncountedSeconds(
  watch: { readonly counting: boolean; readonly countedUntil: UnixSeconds },
  period: Pick<Period, 'from' | 'to'>,
  until: UnixSeconds,
): number {
  if (!watch.counting) return 0
  return Math.max(0, Math.min(until, period.to ?? until) - Math.max(watch.countedUntil, period.from))
}

/** Up to when somebody's time has been counted once a period was counted up to `until`. */
export const countedUntil = (period: Period, until: UnixSeconds): number => Math.min(until, period.end ?? until)
