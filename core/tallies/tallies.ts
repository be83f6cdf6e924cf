import { digits } from '../currency/index.ts'
import type { TallyId, UnixSeconds, ViewerId } from '../schema.ts'
import { limitPeriod } from '../show/index.ts'
import {
  defineTable,
  type Need,
  needKey,
  ok,
  type Result,
  refuse,
  savedCollection,
  viewerIn,
  type World,
} from '../world/index.ts'
import type { TallySettings } from './schema.ts'

export interface TallyRow extends TallySettings {
  readonly id: TallyId
  readonly goneAt: UnixSeconds | null
}

/** Tallies that are gone are not loaded. */
export const tallies = defineTable<TallyRow>('tally', 'whole', (row) => row.id, ['key'])

/** How much of a tally somebody has: in all, and awarded in the show `show` (see `limitPeriod`). */
export interface TallyCountRow {
  /** The tally's id, "/", the viewer's. */
  readonly key: string
  readonly tally: TallyId
  readonly viewer: ViewerId
  readonly total: number
  readonly show: number
  readonly shown: number
}

export const tallyCounts = defineTable<TallyCountRow>('tallyCount', 'keyed', (row) => row.key, [], viewerIn)

const keyOf = (tally: TallyId, viewer: ViewerId): string => `${tally}/${viewer}`

export const needTally = (tally: TallyId, viewer: ViewerId): Need => needKey(tallyCounts, keyOf(tally, viewer))

/** The most that can be counted at all. */
const MOST = 1_000_000_000

/** The tallies there are, in the order in which they were made. */
export const savedTallies = savedCollection(tallies, {
  one: 'tally',
  many: 'tallies',
  most: 50,
  missing: 'tally_not_found',
  full: 'tally_invalid',
})
export const { open: openTallies, find: tallyOf } = savedTallies

/** What somebody has of a tally: in all, and of this show. Needs `needTally`. */
export function countOf(world: World, tally: TallyId, viewer: ViewerId): { total: number; show: number } {
  const row = world.get(tallyCounts, keyOf(tally, viewer))
  return { total: row?.total ?? 0, show: row !== undefined && row.show === limitPeriod(world) ? row.shown : 0 }
}

export type TallyHow = 'add' | 'take' | 'set'

/**
 * Adds to somebody's tally, takes from it or sets it. Taking takes at most what is there, adding stops at the ceiling. What
 * is awarded in a show counts for it; what is taken away or set is a correction of the sum.
 * @returns What it was and is.
 */
export function award(
  world: World,
  tally: TallyRow,
  viewer: ViewerId,
  how: TallyHow,
  amount: number,
): { before: number; after: number } {
  const { total: before, show } = countOf(world, tally.id, viewer)
  const most = tally.ceiling ?? MOST
  const wanted = { add: before + amount, take: before - amount, set: amount }[how]
  // A ceiling that was set later takes nothing away from who has more.
  const after = Math.max(0, how === 'take' ? wanted : Math.min(wanted, Math.max(most, how === 'add' ? before : 0)))
  const period = limitPeriod(world)
  const shown = Math.max(0, how === 'set' ? Math.min(show, after) : show + after - before)
  world.put(tallyCounts, { key: keyOf(tally.id, viewer), tally: tally.id, viewer, total: after, show: period, shown })
  world.fact('tally.changed', 'desk', { tally: tally.id, viewer, before, after })
  return { before, after }
}

/**
 * Takes what something costs of somebody's tally, or gives it back: above 0 is given. It is nothing that was awarded or taken
 * away, so that the count of the show stays, and what is given back is never cut at the ceiling.
 */
export function payWith(world: World, tally: TallyId, viewer: ViewerId, change: number): void {
  const row = world.get(tallyCounts, keyOf(tally, viewer)) ?? { total: 0, show: limitPeriod(world), shown: 0 }
  const after = Math.max(0, row.total + change)
  world.put(tallyCounts, { ...row, key: keyOf(tally, viewer), tally, viewer, total: after })
  world.fact('tally.changed', 'desk', { tally, viewer, before: row.total, after })
}

/** Passes some of a tally on from one viewer to another, where the tally allows it. */
export function passOn(
  world: World,
  tally: TallyRow,
  from: number,
  to: number,
  amount: number,
): Result<{ left: number }> {
  const { total } = countOf(world, tally.id, from)
  if (!tally.passing) return refuse('tally_not_passed', `${capital(tally.many)} cannot be given away here.`)
  if (from === to) return refuse('hand_to_self', `Those ${tally.many} are already yours.`)
  if (total < amount)
    return refuse('tally_too_small', `You have ${tallyInWords(tally, total)} to give.`, { has: total })
  if (tally.ceiling !== null && countOf(world, tally.id, to).total + amount > tally.ceiling)
    return refuse('tally_full', `Nobody can have more than ${tallyInWords(tally, tally.ceiling)}.`)
  award(world, tally, from, 'take', amount)
  award(world, tally, to, 'add', amount)
  return ok({ left: total - amount })
}

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1)

/** "1 stamp", "1,204 stamps". */
export const tallyInWords = (tally: Pick<TallyRow, 'one' | 'many'>, count: number): string =>
  `${digits(count)} ${count === 1 ? tally.one : tally.many}`
