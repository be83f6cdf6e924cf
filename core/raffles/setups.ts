import { firstFault } from '../faults.ts'
import { openAlerts } from '../screen/index.ts'
import { codeListOf, codesLeft, openRewards } from '../store/index.ts'
import { type Handler, ok, refuse, type World } from '../world/index.ts'
import { type RaffleAround, raffleFaults } from './faults.ts'
import { openSetups, savedSetups, setups } from './rows.ts'
import type { RaffleSettings } from './schema.ts'

/** What raffles refer to in a world. */
export const aroundRaffles = (world: World): RaffleAround => ({
  codes: openRewards(world)
    .filter(({ settings }) => settings.kind === 'code')
    .map(({ id, settings }) => ({ id, name: settings.name, left: codesLeft(codeListOf(world, id)) })),
  alerts: openAlerts(world),
})

export interface SaveSetup {
  readonly kind: 'raffle.saveSetup'
  /** Null: a new one. */
  readonly setup: number | null
  readonly settings: RaffleSettings
  /** The digit that starts it at the desk; one that another has is taken over. */
  readonly digit: number | null
}

/** Keeps a set-up to start raffles from, or changes one. Raffles that were started from it stay as they are. */
export const saveSetup = {
  decide(world, { setup, settings, digit }) {
    const fault = firstFault(raffleFaults(settings, aroundRaffles(world)))
    if (fault !== undefined) return refuse('raffle_invalid', fault)
    const before = savedSetups.before(world, setup)
    if (!before.ok) return before
    const id = before.value?.id ?? world.nextId()
    for (const other of openSetups(world))
      if (digit !== null && other.digit === digit && other.id !== id) world.put(setups, { ...other, digit: null })
    world.put(setups, { id, settings, digit, goneAt: null })
    world.fact('raffle.setups', 'desk', { setup: id })
    return ok({ setup: id })
  },
} satisfies Handler<SaveSetup>

export interface RemoveSetup {
  readonly kind: 'raffle.removeSetup'
  readonly setup: number
}

/** Takes a set-up away. */
export const removeSetup = {
  decide(world, { setup }) {
    const found = savedSetups.need(world, setup)
    if (!found.ok) return found
    world.put(setups, { ...found.value, digit: null, goneAt: world.at })
    world.fact('raffle.setups', 'desk', { setup })
    return ok({ setup })
  },
} satisfies Handler<RemoveSetup>
