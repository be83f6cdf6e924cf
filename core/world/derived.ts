import type { Key, Table } from './table.ts'
import type { World } from './world.ts'

// biome-ignore lint/suspicious/noExplicitAny: only whether rows of the tables have changed matters here
type AnyTable = Table<any>

/**
 * Makes a reader of a value that follows from the rows of some tables. It is computed once for whatever it is about, and
 * again only after a row of one of these tables was put or taken back.
 * @param name - Unlike that of any other derived value.
 * @param compute - Must read no other rows than those of the tables.
 */
export const derived =
  <A extends Key, T>(name: string, tables: readonly AnyTable[], compute: (world: World, about: A) => T) =>
  (world: World, about: A): T =>
    world.rows.keep(`${name}/${about}`, tables, () => compute(world, about))
