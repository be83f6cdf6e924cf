import type { Key, Need, Table } from './table.ts'

// biome-ignore lint/suspicious/noExplicitAny: the store holds rows of every table; World's signatures give them back typed
type AnyTable = Table<any>

interface Shelf {
  readonly byKey: Map<Key, object | null>
  readonly byLookup: Map<string, Map<Key, object | null>>
  changes: number
}

interface Kept {
  /** How often each of its tables had changed when it was computed. */
  readonly changes: readonly number[]
  readonly value: unknown
}

/** Thrown when a rule reads a row that is not in memory yet: it is to be loaded, and the intent decided anew. */
export class RowNotLoaded extends Error {
  /** @param need - What was read. */
  constructor(readonly need: Need) {
    super(`The row ${need.value} of ${need.table.name} is not loaded.`)
  }
}

/**
 * The rows of one channel that are in memory. `null` marks a row known not to exist; no mark means not loaded.
 * A `complete` store (tests, rehearsal, try-outs) holds everything there is, so an unmarked row does not exist.
 */
export class Rows {
  readonly #shelves = new Map<string, Shelf>()
  readonly #kept = new Map<string, Kept>()
  #keyed = 0

  /**
   * @param knownUpTo - The channel's last id when these rows were loaded: whatever bears a higher one was made since, so it is
   * here or does not exist.
   */
  constructor(
    readonly complete: boolean,
    readonly knownUpTo = Number.MAX_SAFE_INTEGER,
  ) {}

  /** How many rows of keyed tables are held, marks of absence included. */
  get size(): number {
    return this.#keyed
  }

  get(table: AnyTable, value: Key, lookup?: string): object | undefined {
    const found = this.#index(table, lookup).get(value)
    if (found !== undefined) return found ?? undefined
    if (this.complete || table.load === 'whole' || (lookup === undefined && this.#madeSince(table, value)))
      return undefined
    throw new RowNotLoaded(lookup === undefined ? { table, value } : { table, lookup, value })
  }

  has(need: Need): boolean {
    if (this.complete || this.#index(need.table, need.lookup).has(need.value)) return true
    return need.lookup === undefined && this.#madeSince(need.table, need.value)
  }

  #madeSince(table: AnyTable, value: Key): boolean {
    const id = table.idIn(value)
    return id !== undefined && id > this.knownUpTo
  }

  /** Goes up whenever a row of the table is put or taken back. */
  changesOf(table: AnyTable): number {
    return this.#shelf(table).changes
  }

  /** What was computed under a name, unless a row of the tables has changed since: then it is computed anew. */
  keep<T>(name: string, tables: readonly AnyTable[], compute: () => T): T {
    const kept = this.#kept.get(name)
    if (kept !== undefined && tables.every((table, i) => this.changesOf(table) === kept.changes[i]))
      return kept.value as T
    const changes = tables.map((table) => this.changesOf(table))
    const value = compute()
    this.#kept.set(name, { changes, value })
    return value
  }

  /** Lets go of all rows of a table: they are loaded anew when they are needed. */
  drop(table: AnyTable): void {
    const shelf = this.#shelves.get(table.name)
    if (shelf === undefined || shelf.byKey.size === 0) return
    this.#keyed -= table.load === 'keyed' ? shelf.byKey.size : 0
    this.#shelves.set(table.name, { byKey: new Map(), byLookup: new Map(), changes: shelf.changes + 1 })
  }

  all(table: AnyTable): object[] {
    return [...this.#shelf(table).byKey.values()].filter((row) => row !== null)
  }

  set(table: AnyTable, row: object): void {
    const shelf = this.#shelf(table)
    const key = table.key(row)
    const before = shelf.byKey.get(key)
    if (before === undefined && table.load === 'keyed') this.#keyed++
    shelf.byKey.set(key, row)
    shelf.changes++
    for (const lookup of table.lookups) {
      const index = this.#index(table, lookup)
      const old = before && (before as Record<string, Key>)[lookup]
      if (old !== undefined && old !== null) index.set(old, null)
      const value = (row as Record<string, Key>)[lookup]
      if (value !== undefined && value !== null) index.set(value, row)
    }
  }

  /** Takes a row back that was put for the first time: it is known not to exist again. */
  unset(table: AnyTable, row: object): void {
    const shelf = this.#shelf(table)
    shelf.byKey.set(table.key(row), null)
    shelf.changes++
    for (const lookup of table.lookups)
      this.#index(table, lookup).set((row as Record<string, Key>)[lookup] as Key, null)
  }

  markAbsent(need: Need): void {
    const index = this.#index(need.table, need.lookup)
    if (index.has(need.value)) return
    index.set(need.value, null)
    this.#keyed++
  }

  #index(table: AnyTable, lookup?: string): Map<Key, object | null> {
    const shelf = this.#shelf(table)
    if (lookup === undefined) return shelf.byKey
    let index = shelf.byLookup.get(lookup)
    if (index === undefined) {
      index = new Map()
      shelf.byLookup.set(lookup, index)
    }
    return index
  }

  #shelf(table: AnyTable): Shelf {
    let shelf = this.#shelves.get(table.name)
    if (shelf === undefined) {
      shelf = { byKey: new Map(), byLookup: new Map(), changes: 0 }
      this.#shelves.set(table.name, shelf)
    }
    return shelf
  }
}
