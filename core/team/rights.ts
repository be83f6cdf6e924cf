import type { Static } from '@sinclair/typebox'
import { digits } from '../currency/index.ts'
import type { Faults } from '../faults.ts'
import { exactly, oneOf, orNull, whole } from '../schema.ts'
import { keyedBy, stored } from '../world/index.ts'
import { AREA_NAMES, AREAS, LEVEL_NAMES, LEVELS, type Level, levelInWords, reach } from './levels.ts'

/** What somebody of the team may do. `mostAdjusted`: the most that one adjustment may give or take, per person; null: no limit. */
export const Rights = exactly({
  areas: exactly(keyedBy(AREAS, () => oneOf(LEVELS))),
  mostAdjusted: orNull(whole(0, 1_000_000_000)),
})
export type Rights = Static<typeof Rights>

const everywhere = (level: Level): Rights['areas'] => keyedBy(AREAS, () => level)

/** What the owner of a channel may do. */
export const ALL_RIGHTS: Rights = { areas: everywhere('change'), mostAdjusted: null }
export const NO_RIGHTS: Rights = { areas: everywhere('none'), mostAdjusted: 0 }

/** Rights as they are kept; what cannot be read gives none. */
export const storedRights = stored('set of rights', Rights, {
  off: () => NO_RIGHTS,
  upgrades: [
    // Bets and goals are an area of their own: who may run games may run these.
    (kept: { readonly areas: Partial<Rights['areas']> }) => ({
      ...kept,
      areas: { ...kept.areas, bets: kept.areas.bets ?? kept.areas.games ?? 'none' },
    }),
  ],
})

interface ReadySet {
  readonly name: string
  readonly tells: string
  readonly rights: Rights
}

const set = (areas: Partial<Rights['areas']>, mostAdjusted: number | null): Rights => ({
  areas: { ...everywhere('none'), ...areas },
  mostAdjusted,
})

const RUNNER: Partial<Rights['areas']> = {
  ...{ show: 'act', waiting: 'act', games: 'act', raffles: 'act', bets: 'act' },
  ...{ people: 'look', store: 'look', commands: 'look', screen: 'look' },
}

/** Ready sets of rights, from the fewest to the most. */
export const READY_SETS: readonly ReadySet[] = [
  { name: 'Runner', tells: 'runs the evening: show, orders, raffles and games', rights: set(RUNNER, 0) },
  {
    name: 'Keeper',
    tells: 'also adjusts balances, and changes commands and the store',
    rights: set({ ...RUNNER, people: 'act', commands: 'change', store: 'change', ranks: 'look' }, 1000),
  },
  {
    name: 'Partner',
    tells: 'everything but the team and the connections',
    rights: { areas: { ...everywhere('change'), team: 'none', connections: 'none' }, mostAdjusted: null },
  },
]

const isSame = (one: Rights, other: Rights): boolean =>
  one.mostAdjusted === other.mostAdjusted && AREAS.every((area) => one.areas[area] === other.areas[area])

/** The ready set that rights are; undefined: they are a mix of their own. */
export const readySetOf = (rights: Rights): ReadySet | undefined => READY_SETS.find((one) => isSame(one.rights, rights))

/** The name of a ready set that rights are, or what they come to: "may act: The show, Games; may look: Store". */
export function rightsInWords(rights: Rights): string {
  const ready = readySetOf(rights)
  if (ready !== undefined) return ready.name
  const parts = (['change', 'act', 'look'] as const).flatMap((level) => {
    const names = AREAS.filter((area) => rights.areas[area] === level).map((area) => AREA_NAMES[area].name)
    return names.length === 0 ? [] : [`${LEVEL_NAMES[level]}: ${names.join(', ')}`]
  })
  return parts.length === 0 ? 'nothing' : parts.join('; ')
}

/** Where rights go further than others, by place, and what to change: nobody gives what they have not. */
export function beyond(wanted: Rights, own: Rights): Faults {
  const areas = AREAS.filter((area) => reach(wanted.areas[area]) > reach(own.areas[area])).map((area) => [
    `areas.${area}`,
    `${AREA_NAMES[area].name}: you ${own.areas[area] === 'none' ? 'have no rights there' : `only ${levelInWords(own.areas[area])}`} yourself.`,
  ])
  const most = own.mostAdjusted !== null && (wanted.mostAdjusted === null || wanted.mostAdjusted > own.mostAdjusted)
  return Object.fromEntries([
    ...areas,
    ...(most ? [['mostAdjusted', `You may adjust by ${digits(own.mostAdjusted ?? 0)} at most yourself.`]] : []),
  ])
}
