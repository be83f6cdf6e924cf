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
  /**
   * The id within a key, given out by the channel's counter, without which the row cannot be: its own, or that of the viewer
   * it is about. Undefined for a key that names none.
   */
  readonly idIn: (key: Key) => number | undefined
}

/** The key is the row's own id. */
const ownId = (key: Key): number | undefined => (typeof key === 'number' ? key : undefined)

/** The id of a viewer at the end of a key such as "top/34"; undefined where there is none. */
export function viewerIn(key: Key): number | undefined {
  const id = /\/(\d+)$/.exec(String(key))?.[1]
  return id === undefined ? undefined : Number(id)
}

/** For keys that tell nothing of when the row was made. */
export const noId = (): undefined => undefined

export function defineTable<R extends object>(
  name: string,
  load: Table<R>['load'],
  key: (row: R) => Key,
  lookups: readonly (keyof R & string)[] = [],
  idIn: Table<R>['idIn'] = ownId,
): Table<R> {
  return { name, load, key, lookups, idIn }
}

/** A row that an intent needs: by its key, or by the value of a lookup. */
export interface Need {
  // biome-ignore lint/suspicious/noExplicitAny: a list of needs mixes tables of any row type
  readonly table: Table<any>
  readonly lookup?: string
  readonly value: Key
}

/** What tells a need from any other. */
export const needName = ({ table, lookup = '', value }: Need): string => `${table.name}/${lookup}/${value}`

export const needKey = <R extends object>(table: Table<R>, value: Key): Need => ({ table, value })

export const needLookup = <R extends object>(table: Table<R>, lookup: keyof R & string, value: Key): Need => ({
  table,
  lookup,
  value,
})
