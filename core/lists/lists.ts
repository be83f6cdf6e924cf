import { accounts } from '../ledger/index.ts'
import { type ViewerRow, viewers, watches } from '../people/index.ts'
import type { CircleId, TallyId } from '../schema.ts'
import { countOf, tallyCounts } from '../tallies/index.ts'
import { lookAlike } from '../texts/index.ts'
import { defineTable, derived, type Key, type Need, needKey, noId, type Table, type World } from '../world/index.ts'

/** Somebody in a list. `value`: units of currency, seconds watched, or a tally's count. */
export interface ListEntry {
  readonly id: number
  readonly name: string
  readonly value: number
  /** Of a raffle or a bet: the order of first entry. */
  readonly nr?: number
  /** Of a bet: all that they laid. */
  readonly laid?: readonly { readonly outcome: number; readonly amount: number; readonly at: number }[]
}

/**
 * What is asked of everybody at once: a top list, who is present, who goes by a name. Read from the database as it was a
 * moment ago and never kept: what has changed in memory since is put over it.
 */
export interface ListRow {
  readonly key: string
  readonly entries: readonly ListEntry[]
}

export const lists = defineTable<ListRow>('list', 'keyed', (row) => row.key, [], noId)

export const needList = (key: string): Need => needKey(lists, key)

/** The lists of most that there are; a tally's is `tally/ID`. */
export const TOP_LISTS = ['balance', 'hours', 'earned'] as const
export type TopList = (typeof TOP_LISTS)[number] | `tally/${number}`

export const topKey = (list: TopList): string => `top/${list}`
export const PRESENT = 'present'
export const PRESENT_COUNT = 'presentCount'
export const circleKey = (circle: CircleId): string => `circle/${circle}`
export const namedKey = (typed: string): string => `named/${typed.toLowerCase()}`

/** How many places are loaded: more than are told, so that somebody who fell meanwhile leaves no gap. */
export const TOP_LOADED = 25
/** The most people that one run can act on. */
export const MOST_PEOPLE = 10_000

const hidden = (viewer: ViewerRow): boolean =>
  viewer.ignored || viewer.unlisted || viewer.archivedAt !== null || viewer.mergedInto !== null

const loaded = (world: World, key: string): readonly ListEntry[] => world.get(lists, key)?.entries ?? []

const inMemory = <R extends object>(world: World, table: Table<R>, key: Key): R | undefined =>
  world.rows.has({ table, value: key }) ? world.get(table, key) : undefined

/** Who has most, most first, at most `most` of them. Needs `topKey`. */
export function topOf(world: World, list: TopList, most: number): ListEntry[] {
  const tally = list.startsWith('tally/') ? Number(list.slice(6)) : undefined
  const rows = tally === undefined ? valuesOf(world, list) : countsIn(world, tally)
  const known = new Map(loaded(world, topKey(list)).map((entry) => [entry.id, entry]))
  for (const [id, value] of rows) known.set(id, { id, name: known.get(id)?.name ?? '', value })
  const entries: ListEntry[] = []
  for (const entry of known.values()) {
    const viewer = inMemory(world, viewers, entry.id)
    if (entry.value <= 0 || (viewer !== undefined && hidden(viewer))) continue
    const name = viewer?.name ?? entry.name
    if (name !== '') entries.push({ ...entry, name })
  }
  return entries.sort((a, b) => b.value - a.value || a.id - b.id).slice(0, most)
}

function valuesOf(world: World, list: TopList): [number, number][] {
  if (list === 'hours') return world.all(watches).map(({ id, watchedSeconds }) => [id, watchedSeconds])
  return world
    .all(accounts)
    .filter(({ kind }) => kind === 'wallet')
    .map(({ id, balance, earned }) => [id, list === 'balance' ? balance : earned])
}

const countsIn = (world: World, tally: TallyId): [number, number][] =>
  world
    .all(tallyCounts)
    .filter((row) => row.tally === tally)
    .map(({ viewer }) => [viewer, countOf(world, tally, viewer).total])

const whoIsPresent = derived('present', [viewers, lists], (world, key: string) =>
  members(world, key, (viewer) => viewer.present && !viewer.ignored),
)

/** Who is present, without those who are ignored, in the order in which they became known. Needs `PRESENT`. */
export const presentOf = (world: World): readonly ListEntry[] => whoIsPresent(world, PRESENT)

/** Who is in a circle. Needs `circleKey`. */
export const circleOf = derived('circle', [viewers, lists], (world, circle: CircleId) =>
  members(world, circleKey(circle), (viewer) => viewer.circles.includes(circle) && !viewer.ignored),
)

function members(world: World, key: string, belongs: (viewer: ViewerRow) => boolean): readonly ListEntry[] {
  const listed = loaded(world, key)
  // More than anything can be about: what has changed since makes no difference.
  return listed.length > MOST_PEOPLE ? listed : membersAnew(world, key, belongs)
}

function membersAnew(world: World, key: string, belongs: (viewer: ViewerRow) => boolean): ListEntry[] {
  const entries = new Map(loaded(world, key).map((entry) => [entry.id, entry]))
  for (const viewer of world.all(viewers)) {
    if (belongs(viewer)) entries.set(viewer.id, { id: viewer.id, name: viewer.name, value: 0 })
    else entries.delete(viewer.id)
  }
  return [...entries.values()].sort((a, b) => a.id - b.id)
}

/**
 * How many are present; of more than can be listed, as many as there were a moment ago. Needs `PRESENT` and `PRESENT_COUNT`.
 */
export function presentCount(world: World): number {
  const listed = loaded(world, PRESENT).length
  return listed <= MOST_PEOPLE ? presentOf(world).length : (loaded(world, PRESENT_COUNT)[0]?.value ?? listed)
}

/** Who goes by a name that is not quite what was typed: a nickname, or one that looks the same. Needs `namedKey`. */
export function likeNamed(world: World, typed: string): ListEntry[] {
  if (!world.rows.complete) return [...loaded(world, namedKey(typed))]
  const look = lookAlike(typed)
  return world
    .all(viewers)
    .filter(
      (one) =>
        one.mergedInto === null && !one.ignored && [one.name, one.chatName].some((name) => lookAlike(name) === look),
    )
    .map(({ id, name }) => ({ id, name, value: 0 }))
}
