import { type Handler, ok, refuse } from '../world/index.ts'
import { setTick, showOnAir, shows } from './show.ts'

export interface ShowGuest {
  readonly kind: 'show.guest'
  /** Whose channel is shown; null: one's own again. */
  readonly guest: string | null
  /** Whether watching goes on being paid meanwhile. */
  readonly earning: 'going' | 'paused'
}

/**
 * Marks the show as showing somebody else's channel, with earning going on or paused. Time of a pause never counts. The
 * sender has paid everyone up to the pause before a pause is lifted.
 */
export const showGuest = {
  decide(world, intent) {
    const show = showOnAir(world)
    if (show === undefined) return refuse('not_on_air', 'There is no show on air.')
    const pause = intent.guest !== null && intent.earning === 'paused'
    const pausedAt = pause ? (show.pausedAt ?? world.at) : null
    const countsFrom = !pause && show.pausedAt !== null ? world.at : show.countsFrom
    world.put(shows, { ...show, guest: intent.guest, pausedAt, countsFrom })
    if (!pause) setTick(world, show.id, world.at)
    world.fact('show.guest', 'everyone', { show: show.id, guest: intent.guest, paused: pause })
    return ok({ paused: pause })
  },
} satisfies Handler<ShowGuest>
