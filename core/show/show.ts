import type { Flow } from '../ledger/index.ts'
import type { Amount, Seconds, ShowId, UnixSeconds } from '../schema.ts'
import { checkGoesOn } from '../settings/index.ts'
import { defineTable, type Handler, ok, type Result, refuse, type World } from '../world/index.ts'

/**
 * One broadcast. `on`: on air. `closing`: off air, the last watch time is being settled. `ended`: settled.
 * Times in seconds since 1970; `paid` and `spent` are what its minutes on air moved.
 */
export interface ShowRow {
  readonly id: ShowId
  /** 1, 2, 3 ... in the channel. */
  readonly number: number
  readonly title: string
  readonly status: 'on' | 'closing' | 'ended'
  readonly startedAt: UnixSeconds
  readonly endedAt: UnixSeconds | null
  /** Since when watching counts: the start, or when it went on after a break. */
  readonly countsFrom: number
  /** Up to when watching counts while earning is paused; null: it is not. */
  readonly pausedAt: UnixSeconds | null
  /** The channel that is being shown in place of one's own. */
  readonly guest: string | null
  readonly paid: Amount
  readonly spent: Amount
  /** Lines said in the room, counted while something waits for so many of them. */
  readonly lines: number
}

/** Only the show that has not ended and the last that has are loaded. */
export const shows = defineTable<ShowRow>('show', 'whole', (row) => row.id)

/** The show on air or being settled. */
export const openShow = (world: World): ShowRow | undefined => world.all(shows).find((show) => show.status !== 'ended')

/** The show on air. */
export const showOnAir = (world: World): ShowRow | undefined => world.all(shows).find((show) => show.status === 'on')

/** The latest show, whatever its state. */
export const latestShow = (world: World): ShowRow | undefined =>
  world.all(shows).reduce<ShowRow | undefined>((last, show) => (last && last.id > show.id ? last : show), undefined)

/**
 * What limits "per show" are counted in: the id of the show on air; between shows a number of their own, so that what is
 * used off air does not count for the next show.
 */
export function limitPeriod(world: World): number {
  const last = latestShow(world)
  return last === undefined || last.status === 'on' ? (last?.id ?? 0) : -last.id
}

/** A show that comes back within this time of its end (seconds) is the same show: its limits do not start over. */
export const SAME_SHOW_SECONDS = 15 * 60

/** The show that would go on if one started at a time: the last one, if it ended only some minutes before. */
export function showToResume(world: World, at: UnixSeconds): ShowRow | undefined {
  const last = latestShow(world)
  return last?.status === 'ended' && last.endedAt !== null && at - last.endedAt <= SAME_SHOW_SECONDS ? last : undefined
}

/**
 * Sets a payment for a time (seconds). Each time has a timer of its own: one timer moved on and on could be taken away by
 * a server that is late to report that it has run it. One too many does no harm, it finds nothing to pay.
 * @param show - 0: for the time off air.
 */
export function setTick(world: World, show: ShowId, at: UnixSeconds): void {
  world.timer({ job: 'earning.tick', key: `earning.tick/${at}`, at, data: { show } })
}

export interface StartShow {
  readonly kind: 'show.start'
  readonly title: string
  /** Go on with the last show where it ended only some minutes ago. */
  readonly resume?: boolean
}

/** Goes on air and sets the payments for watching going. A show that dropped can go on as the same show. */
export function goOnAir(
  world: World,
  { title, resume }: Omit<StartShow, 'kind'>,
): Result<{ show: ShowId; resumed: boolean }> {
  const goesOn = checkGoesOn(world)
  if (!goesOn.ok) return goesOn
  const open = openShow(world)
  if (open?.status === 'on') return refuse('already_on_air', `"${open.title}" is already on air.`)
  if (open !== undefined) {
    return refuse('show_still_settling', 'The last show is still being settled. Try again in a moment.')
  }
  const dropped = resume ? showToResume(world, world.at) : undefined
  const show = world.put(shows, dropped === undefined ? newShow(world, title) : wentOn(world, dropped))
  setTick(world, show.id, world.at)
  world.fact('show.started', 'everyone', { show: show.id, title: show.title, resumed: dropped !== undefined })
  world.moment('showStarted', null, { show: show.id, resumed: dropped === undefined ? 0 : 1 })
  return ok({ show: show.id, resumed: dropped !== undefined })
}

export const startShow = { decide: (world, intent) => goOnAir(world, intent) } satisfies Handler<StartShow>

const newShow = (world: World, title: string): ShowRow => ({
  id: world.nextId(),
  number: (latestShow(world)?.number ?? 0) + 1,
  title,
  status: 'on',
  startedAt: world.at,
  endedAt: null,
  countsFrom: world.at,
  pausedAt: null,
  guest: null,
  paid: 0,
  spent: 0,
  lines: 0,
})

const wentOn = (world: World, show: ShowRow): ShowRow => ({
  ...show,
  status: 'on',
  endedAt: null,
  countsFrom: world.at,
})

export interface EndShow {
  readonly kind: 'show.end'
  /** When it really ended, if that was earlier: a show forgotten on air. */
  readonly endedAt?: UnixSeconds
}

/** Goes off air. Watch time up to the end is settled by the timer that this sets; only then is the show ended. */
export function goOffAir(
  world: World,
  { endedAt: wanted = world.at }: Omit<EndShow, 'kind'>,
): Result<{ show: ShowId; seconds: Seconds }> {
  const show = showOnAir(world)
  if (show === undefined) return refuse('not_on_air', 'There is no show on air.')
  const endedAt = Math.min(world.at, wanted)
  if (endedAt < show.countsFrom)
    return refuse('show_end_too_early', 'The show cannot have ended before it began. Choose a later time.')
  world.put(shows, { ...show, status: 'closing', endedAt })
  setTick(world, show.id, world.at)
  world.fact('show.ended', 'everyone', { show: show.id, seconds: endedAt - show.startedAt })
  world.moment('showEnded', null, { show: show.id, seconds: endedAt - show.startedAt })
  return ok({ show: show.id, seconds: endedAt - show.startedAt })
}

export const endShow = { decide: (world, intent) => goOffAir(world, intent) } satisfies Handler<EndShow>

/** Adds what moved to the totals of the show that is on air or being settled. */
export function addToShow(world: World, flow: Flow): void {
  const show = openShow(world)
  if (show === undefined) return
  world.put(shows, { ...show, paid: show.paid + flow.paid, spent: show.spent + flow.spent })
}

declare module '../world/timers.ts' {
  interface Jobs {
    'earning.tick': { readonly show: ShowId }
  }
}
