import { viewers } from '../people/index.ts'
import type { TallyId, ViewerId } from '../schema.ts'
import { type Handler, ok, refuse } from '../world/index.ts'
import type { TallySettings } from './schema.ts'
import { award, openTallies, savedTallies, type TallyHow, tallies } from './tallies.ts'

export interface SaveTally {
  readonly kind: 'tally.save'
  /** Null: a new one. */
  readonly tally: TallyId | null
  readonly settings: TallySettings
}

/** Makes or changes a tally. */
export const saveTally = {
  decide(world, { tally: id, settings }) {
    const others = openTallies(world).filter((tally) => tally.id !== id)
    const before = savedTallies.before(world, id)
    if (!before.ok) return before
    if (others.some(({ key }) => key === settings.key))
      return refuse('tally_invalid', `Another tally is already called "${settings.key}" in texts. Choose another word.`)
    if (others.some(({ name }) => name.toLowerCase() === settings.name.trim().toLowerCase()))
      return refuse('tally_invalid', `There is already a tally called "${settings.name}". Choose another name.`)
    const row = world.put(tallies, { ...settings, name: settings.name.trim(), id: id ?? world.nextId(), goneAt: null })
    world.fact('commands.changed', 'everyone', { tally: row.id })
    return ok({ tally: row.id })
  },
} satisfies Handler<SaveTally>

export interface CloseTally {
  readonly kind: 'tally.close'
  readonly tally: TallyId
}

/** Closes a tally: nothing counts it any more. What was counted is kept. */
export const closeTally = {
  decide(world, intent) {
    const found = savedTallies.need(world, intent.tally)
    if (!found.ok) return found
    const tally = found.value
    // Its key is free for another one from now on.
    world.put(tallies, { ...tally, key: `${tally.key.slice(0, 12)}_gone_${tally.id}`, goneAt: world.at })
    world.fact('commands.changed', 'everyone', { tally: tally.id })
    return ok({})
  },
} satisfies Handler<CloseTally>

export interface CorrectTally {
  readonly kind: 'tally.correct'
  readonly tally: TallyId
  readonly viewer: ViewerId
  readonly how: TallyHow
  readonly amount: number
  /** Account of who does it. */
  readonly by: string
}

/** Corrects somebody's tally by hand. */
export const correctTally = {
  decide(world, { tally: id, viewer: viewerId, how, amount, by }) {
    const found = savedTallies.need(world, id)
    if (!found.ok) return found
    const tally = found.value
    const viewer = world.get(viewers, viewerId)
    if (viewer === undefined || viewer.mergedInto !== null)
      return refuse('viewer_not_found', 'This person is no longer known here. Reload the page.')
    const done = award(world, tally, viewer.id, how, amount)
    world.fact('tally.corrected', 'desk', { tally: id, viewer: viewer.id, name: viewer.name, ...done, by })
    return ok(done)
  },
} satisfies Handler<CorrectTally>
