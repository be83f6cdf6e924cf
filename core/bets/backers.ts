import { players } from '../games/index.ts'
import { type ListEntry, lists, needList, nextPage } from '../lists/index.ts'
import { needPayee, viewers } from '../people/index.ts'
import type { BetId, ViewerId } from '../schema.ts'
import { type Need, needKey, type World } from '../world/index.ts'
import { backings, needBacking } from './rows.ts'
import type { Backer } from './settle.ts'

/** The key of the list of everybody who is in a bet, with all that they laid. */
export const backersKey = (bet: BetId): string => `backers/${bet}`
/** The key of the list of the next who are paid: those behind a number in the order of first stakes. */
export const backersPageKey = (bet: BetId, after: number): string => `backersAfter/${bet}/${after}`

export const needBackers = (bet: BetId): Need => needList(backersKey(bet))

const listed = (world: World, key: string): readonly ListEntry[] => world.get(lists, key)?.entries ?? []

interface Listed extends Backer {
  readonly viewer: ViewerId
}

/** Everybody who is in a bet, in the order of first stakes: as the database has them, with what has changed in memory put over it. Needs `needBackers`. */
export function backersOf(world: World, bet: BetId): Listed[] {
  const loaded = listed(world, backersKey(bet)).map(({ id, nr = 0, laid = [] }): Listed => ({ viewer: id, nr, laid }))
  const changed = world.all(backings).filter((row) => row.bet === bet)
  // Of a crowd that is in the database alone there is nothing to put over, and it is in order.
  if (changed.length === 0) return loaded
  const all = new Map(loaded.map((one) => [one.viewer, one]))
  for (const { viewer, nr, laid } of changed) all.set(viewer, { viewer, nr, laid })
  return [...all.values()].filter(({ laid }) => laid.length > 0).sort((a, b) => a.nr - b.nr)
}

/** Who is paid next, behind a number. Needs the list of that page. */
export const nextBackers = (world: World, bet: BetId, after: number) =>
  nextPage(
    world,
    backersPageKey(bet, after),
    world.all(backings).filter((row) => row.bet === bet),
    after,
  )

/** What paying the next people needs. To be asked again until nothing is missing. */
export function needBackersPage(world: World, bet: BetId, after: number): Need[] {
  const list = needList(backersPageKey(bet, after))
  if (!world.rows.has(list)) return [list]
  const people = nextBackers(world, bet, after).flatMap(({ viewer }) => {
    const { payee, needs } = needPayee(world, viewer)
    return [needBacking(bet, viewer), ...needs, needKey(viewers, payee), needKey(players, payee)]
  })
  return [list, ...people]
}
