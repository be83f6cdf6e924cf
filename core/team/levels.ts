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
  'bets',
  'screen',
  'connections',
  'team',
] as const
export type Area = (typeof AREAS)[number]

/** How far somebody may go in an area: each level holds the ones before it. */
export const LEVELS = ['none', 'look', 'act', 'change'] as const
export type Level = (typeof LEVELS)[number]

export type AreaLevels = Readonly<Record<Area, Level>>

/** How far a level goes: more than every level before it. */
export const reach = (level: Level): number => LEVELS.indexOf(level)

/** Whether rights go so far in an area. */
export const may = ({ areas }: { readonly areas: AreaLevels }, area: Area, level: Level): boolean =>
  reach(areas[area]) >= reach(level)

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
  bets: { name: 'Bets and goals', act: 'open, lock, settle, call off', change: 'templates and usual terms' },
  screen: { name: 'Screen', act: 'test and skip alerts', change: 'overlays, alerts, files' },
  connections: { name: 'Connections', act: 'send test lines and events', change: 'secrets' },
  team: { name: 'Team', act: 'invite', change: 'rights of others' },
}

export const LEVEL_NAMES: Readonly<Record<Level, string>> = {
  none: 'nothing',
  look: 'may look',
  act: 'may act',
  change: 'may change',
}

/** What a level is called in a list. */
export const levelInWords = (level: Level): string => LEVEL_NAMES[level]
