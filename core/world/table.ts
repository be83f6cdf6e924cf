export type Key = number | string

/**
 * One kind of row. `whole` tables are small and always loaded in full; of `keyed` tables only the rows that the
 * intents at hand need are in memory; `append` tables are written and never read by the rules.
 */
export interface Table<R extends object> {
  readonly name: string
  readonly load: 'whole' | 'keyed' | 'append'
  readonly key: (row: R) => Key
  /** Other unique properties a row can be found by, such as a viewer's account. */
  readonly lookups: readonly (keyof R & string)[]
  /** Whether the key is an id given out by the channel's counter. */
  readonly keyedById: boolean
}

export function defineTable<R extends object>(
  name: string,
  load: Table<R>['load'],
  key: (row: R) => Key,
  lookups: readonly (keyof R & string)[] = [],
  keyedById = true,
): Table<R> {
  return { name, load, key, lookups, keyedById }
}

/** A row that an intent needs: by its key, or by the value of a lookup. */
export interface Need {
  // biome-ignore lint/suspicious/noExplicitAny: a list of needs mixes tables of any row type
  readonly table: Table<any>
  readonly lookup?: string
  readonly value: Key
}

export const needKey = <R extends object>(table: Table<R>, value: Key): Need => ({ table, value })

export const needLookup = <R extends object>(table: Table<R>, lookup: keyof R & string, value: Key): Need => ({
  table,
  lookup,
  value,
})
