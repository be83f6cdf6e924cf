import type { Flow } from '../ledger/index.ts'
import { defineTable, type Handler, ok, refuse, type World } from '../world/index.ts'

/**
 * One broadcast. `on`: on air. `closing`: off air, the last watch time is being settled. `ended`: settled.
 * Times in seconds since 1970; `paid` and `spent` are what its minutes on air moved.
 */
export interface ShowRow {
  readonly id: number
  readonly title: string
  readonly status: 'on' | 'closing' | 'ended'
  readonly startedAt: number
  readonly endedAt: number | null
  readonly paid: number
  readonly spent: number
}

/** Only shows that have not ended are loaded, at most one. */
export const shows = defineTable<ShowRow>('show', 'whole', (row) => row.id)

/** The show on air or being settled. */
export const openShow = (world: World): ShowRow | undefined => world.all(shows).find((show) => show.status !== 'ended')

/** The show on air. */
export const showOnAir = (world: World): ShowRow | undefined => world.all(shows).find((show) => show.status === 'on')

/**
 * Sets a payment for a time (seconds). Each time has a timer of its own: one timer moved on and on could be taken away by
 * a server that is late to report that it has run it. One too many does no harm, it finds nothing to pay.
 */
export function setTick(world: World, show: ShowRow, at: number): void {
  world.timer({ job: 'earning.tick', key: `earning.tick/${at}`, at, data: { show: show.id } })
}

export interface StartShow {
  readonly kind: 'show.start'
  readonly title: string
}

/** Goes on air and sets the payments for watching going. */
export const startShow: Handler<StartShow> = {
  decide(world, intent) {
    const open = openShow(world)
    if (open?.status === 'on') return refuse('already_on_air', `"${open.title}" is already on air.`)
    if (open !== undefined) {
      return refuse('show_still_settling', 'The last show is still being settled. Try again in a moment.')
    }
    const show: ShowRow = {
      id: world.nextId(),
      title: intent.title,
      status: 'on',
      startedAt: world.at,
      endedAt: null,
      paid: 0,
      spent: 0,
    }
    world.put(shows, show)
    setTick(world, show, world.at)
    world.fact('show.started', 'everyone', { show: show.id, title: show.title })
    return ok({ show: show.id })
  },
}

export interface EndShow {
  readonly kind: 'show.end'
}

/** Goes off air. Watch time up to now is settled by the timer that this sets; only then is the show ended. */
export const endShow: Handler<EndShow> = {
  decide(world) {
    const show = showOnAir(world)
    if (show === undefined) return refuse('not_on_air', 'There is no show on air.')
    world.put(shows, { ...show, status: 'closing', endedAt: world.at })
    setTick(world, show, world.at)
    world.fact('show.ended', 'everyone', { show: show.id, seconds: world.at - show.startedAt })
    return ok({ show: show.id, seconds: world.at - show.startedAt })
  },
}

export interface SettleShow {
  readonly kind: 'show.settled'
  readonly show: number
}

/** Ends a show whose watch time has been settled to the last second. A repeat changes nothing. */
export const settleShow: Handler<SettleShow> = {
  decide(world, intent) {
    const show = world.get(shows, intent.show)
    if (show?.status === 'closing') {
      world.put(shows, { ...show, status: 'ended' })
      world.fact('show.settled', 'desk', { show: show.id, paid: show.paid, spent: show.spent })
    }
    return ok({})
  },
}

/** Adds what moved to the totals of the show that is on air or being settled. */
export function addToShow(world: World, flow: Flow): void {
  const show = openShow(world)
  if (show === undefined) return
  world.put(shows, { ...show, paid: show.paid + flow.paid, spent: show.spent + flow.spent })
}
