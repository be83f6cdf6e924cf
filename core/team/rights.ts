import type { Static } from '@sinclair/typebox'
import { digits } from '../currency/index.ts'
import type { Faults } from '../faults.ts'
import { exactly, oneOf, orNull, whole } from '../schema.ts'
import { keyedBy, stored } from '../world/index.ts'

/** What the work at the desk is divided into. */
export const AREAS = [
  'show',
  'waiting',
  'people',
  'earning',
  'ranks',
  'commands',
  'store',
  'games',
  'raffles',
  'screen',
  'connections',
  'team',
] as const
export type Area = (typeof AREAS)[number]

/** How far somebody may go in an area: each level holds the ones before it. */
export const LEVELS = ['none', 'look', 'act', 'change'] as const
export type Level = (typeof LEVELS)[number]

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
export const storedRights = stored('set of rights', Rights, { off: () => NO_RIGHTS })

const reach = (level: Level): number => LEVELS.indexOf(level)

/** Whether rights go so far in an area. */
export const may = ({ areas }: Rights, area: Area, level: Level): boolean => reach(areas[area]) >= reach(level)

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
  ...{ show: 'act', waiting: 'act', games: 'act', raffles: 'act' },
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

/** What an area is called, and what acting and changing there are. */
export const AREA_NAMES: Readonly<
  Record<Area, { readonly name: string; readonly act: string; readonly change: string }>
> = {
  show: { name: 'The show', act: 'go on and off air, speak as the bot, mute it', change: 'the same' },
  waiting: { name: 'Orders and approvals', act: 'mark done, refund, approve', change: 'the same' },
  people: {
    name: 'People',
    act: 'adjust balances, write notes',
    change: 'names, roles, merging, forgetting, imports, resets',
  },
  earning: { name: 'Earning', act: 'pay or drop gaps', change: 'the earning plan' },
  ranks: { name: 'Ranks and circles', act: 'put people into circles', change: 'ranks and circles' },
  commands: { name: 'Commands and triggers', act: 'switch on and off, run', change: 'what they do' },
  store: { name: 'Store', act: 'switch rewards on and off', change: 'rewards, prices, codes' },
  games: { name: 'Games', act: 'start and call off rounds and cups', change: 'how they are played' },
  raffles: { name: 'Raffles', act: 'start, draw, call off', change: 'templates' },
  screen: { name: 'Screen', act: 'test and skip alerts', change: 'overlays, alerts, files' },
  connections: { name: 'Connections', act: 'send test lines and events', change: 'secrets' },
  team: { name: 'Team', act: 'invite', change: 'rights of others' },
}

const LEVEL_NAMES: Readonly<Record<Level, string>> = {
  none: 'nothing',
  look: 'may look',
  act: 'may act',
  change: 'may change',
}

/** What a level is called in a list. */
export const levelInWords = (level: Level): string => LEVEL_NAMES[level]

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
