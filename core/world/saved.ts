import type { UnixSeconds } from '../schema.ts'
import { ok, type RefusalCode, type Result, refuse } from './result.ts'
import type { Table } from './table.ts'
import type { World } from './world.ts'

/** Something that the team saves in a list, until it is taken away. */
export interface SavedRow {
  readonly id: number
  readonly goneAt: UnixSeconds | null
}

/** What one of a list is called, and what is said where it cannot be. */
export interface Collection<R extends SavedRow> {
  /** In a sentence: "This command is not there any more." */
  readonly one: string
  readonly many: string
  /** There can be so many. */
  readonly most: number
  readonly missing: RefusalCode
  readonly full: RefusalCode
  /** In which order they stand, where that is not the one in which they were made. */
  readonly order?: (a: R, b: R) => number
}

/** Makes the ways to a list of saved things: those there are, one of them, and a place for another. */
export function savedCollection<R extends SavedRow>(
  table: Table<R>,
  { one, many, most, missing, full, order }: Collection<R>,
) {
  const open = (world: World): R[] =>
    world
      .all(table)
      .filter(({ goneAt }) => goneAt === null)
      .sort(order ?? ((a, b) => a.id - b.id))
  const find = (world: World, id: number): R | undefined => {
    const row = world.get(table, id)
    return row?.goneAt === null ? row : undefined
  }
  const need = (world: World, id: number): Result<R> => {
    const row = find(world, id)
    return row === undefined ? refuse(missing, `This ${one} no longer exists. Reload the page.`) : ok(row)
  }
  /** What is saved under an id so far; of a new one (null) undefined, if there is room for it. */
  const before = (world: World, id: number | null): Result<R | undefined> => {
    if (id !== null) return need(world, id)
    return open(world).length < most ? ok(undefined) : refuse(full, `${most} ${many} are the most. Remove one first.`)
  }
  return { open, find, need, before }
}
