import type { ViewerId } from '../schema.ts'
import type { World } from '../world/index.ts'
import { lists } from './lists.ts'

/** Somebody in the order in which they came in. */
export interface InOrder {
  readonly viewer: ViewerId
  readonly nr: number
}

/** So many people are paid within one intent, so that chat is not held up. */
export const PAGE_OF_PEOPLE = 2000

/**
 * Who comes next behind a number: as the database has them, with what has changed in memory put over it.
 * @param key - Of the list of that page. @param changed - The rows in memory that belong to the same thing.
 */
export function nextPage(world: World, key: string, changed: readonly InOrder[], after: number): InOrder[] {
  const loaded = world.get(lists, key)?.entries ?? []
  const all = new Map(loaded.map(({ id, nr = 0 }): [number, InOrder] => [id, { viewer: id, nr }]))
  for (const { viewer, nr } of changed) if (nr > after) all.set(viewer, { viewer, nr })
  return [...all.values()].sort((a, b) => a.nr - b.nr).slice(0, PAGE_OF_PEOPLE)
}
