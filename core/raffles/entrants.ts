import { type ListEntry, lists, needList } from '../lists/index.ts'
import type { RaffleId } from '../schema.ts'
import { derived, type Need, type World } from '../world/index.ts'
import { weightOf } from './draw.ts'
import { entries } from './rows.ts'
import type { OnStrip } from './strip.ts'

/** The key of the list of who is in a raffle, each with what their tickets count together. */
export const entrantsKey = (raffle: RaffleId): string => `raffle/${raffle}`

export const needEntrants = (raffle: RaffleId): Need => needList(entrantsKey(raffle))

/** Somebody who is in, with their place in the order of first entry. */
export interface InList extends OnStrip {
  readonly nr: number
}

/** Everybody who is in a raffle, in the order of first entry: as the database has them, with what has changed in memory put over it. Needs `needEntrants`. */
export const entrantsOf = derived('entrants', [entries, lists], (world, raffle: RaffleId): readonly InList[] =>
  anew(world, raffle),
)

function anew(world: World, raffle: RaffleId): InList[] {
  const loaded: readonly ListEntry[] = world.get(lists, entrantsKey(raffle))?.entries ?? []
  const listed = loaded.map(({ id, name, value, nr = 0 }): InList => ({ viewer: id, name, weight: value, nr }))
  const changed = world.all(entries).filter((entry) => entry.raffle === raffle)
  // Of a crowd that is in the database alone there is nothing to put over, and it is in order.
  if (changed.length === 0) return listed
  const all = new Map(listed.map((one) => [one.viewer, one]))
  for (const { viewer, name, tickets, weight, nr, state } of changed) {
    if (state === 'in') all.set(viewer, { viewer, name, weight: weightOf(tickets, weight), nr })
    else all.delete(viewer)
  }
  return [...all.values()].sort((a, b) => a.nr - b.nr)
}
