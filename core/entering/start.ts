import { firstFault } from '../faults.ts'
import {
  aroundRaffles,
  fixedIn,
  makeRaffle,
  type Opens,
  type RaffleRow,
  type RaffleSettings,
  raffleFaults,
  raffles,
  rescheduled,
  runningRaffle,
  setupOf,
  wordsOf,
} from '../raffles/index.ts'
import type { RaffleId } from '../schema.ts'
import { checkListeners, otherListeners } from '../words/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'

export interface StartRaffle {
  readonly kind: 'raffle.start'
  readonly settings: RaffleSettings
  readonly opens: Opens
  /** The kept set-up that it is started from. */
  readonly setup: number | null
  /** Of a guess: the answer that the team sets. */
  readonly answer?: number | undefined
  readonly by: string
}

/** Whether a raffle with such settings can be. Of another raffle's word it is asked when this one opens. */
export function checkRaffle(world: World, settings: RaffleSettings): Result<true> {
  const fault = firstFault(raffleFaults(settings, aroundRaffles(world)))
  if (fault !== undefined) return refuse('raffle_invalid', fault)
  if (!settings.byWord) return ok(true)
  const own = { words: wordsOf(settings), name: `the raffle “${settings.title}”` }
  return checkListeners([...otherListeners(world, { raffles: true }), own])
}

/** Starts a raffle: it opens at once, at a time, or waits for a hand. */
export const startRaffle = {
  decide(world, { settings, opens, setup, answer, by }) {
    const checked = checkRaffle(world, settings)
    if (!checked.ok) return checked
    const made = makeRaffle(world, { settings, opens, setup, answer, byName: by })
    return made.ok ? ok({ raffle: made.value.id, status: made.value.status }) : made
  },
} satisfies Handler<StartRaffle>

/** Starts a raffle from a kept set-up, now. */
export function startFrom(world: World, setup: number, by: string): Result<RaffleRow> {
  const known = setupOf(world, setup)
  if (known === undefined) return refuse('raffle_not_found', 'The raffle’s template was removed.')
  const checked = checkRaffle(world, known.settings)
  return checked.ok ? makeRaffle(world, { settings: known.settings, opens: { of: 'now' }, setup, byName: by }) : checked
}

export interface ChangeRaffle {
  readonly kind: 'raffle.change'
  readonly raffle: RaffleId
  readonly settings: RaffleSettings
}

/** Changes a raffle that has not ended. Once it is open, what people went by stays as it is. */
export const changeRaffle = {
  decide(world, { raffle: id, settings }) {
    const raffle = runningRaffle(world, id)
    if (raffle === undefined || raffle.status === 'returning')
      return refuse('raffle_not_found', 'This raffle no longer exists or has ended.')
    const checked = checkRaffle(world, settings)
    if (!checked.ok) return checked
    const fixed = raffle.status === 'planned' ? undefined : fixedIn(raffle.settings, settings)
    if (fixed !== undefined)
      return refuse(
        'raffle_fixed',
        `${fixed.charAt(0).toUpperCase()}${fixed.slice(1)} cannot change once it is open: people entered on those terms. Call it off (everybody is refunded) and start a new one.`,
      )
    const changed = rescheduled(world, world.put(raffles, { ...raffle, settings, why: null }), raffle.settings)
    world.fact('raffle.changed', 'everyone', { raffle: id, status: changed.status, closesAt: changed.closesAt })
    return ok({ raffle: id })
  },
} satisfies Handler<ChangeRaffle>
