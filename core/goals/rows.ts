import type { Amount, GoalId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, viewerIn, type World } from '../world/index.ts'
import type { GoalSettings } from './schema.ts'

/**
 * `planned`: kept for later. `open`: people chip in. `returning`: the money is on its way back. `reached`. `missed`: it ended
 * before that. `off`: called off, all is back.
 */
export type GoalStatus = 'planned' | 'open' | 'returning' | 'reached' | 'missed' | 'off'

/** One goal. What was chipped in lies in the pot that bears its id until it ends. Times in seconds since 1970. */
export interface GoalRow {
  readonly id: GoalId
  readonly settings: GoalSettings
  readonly status: GoalStatus
  readonly byName: string
  readonly madeAt: UnixSeconds
  readonly openedAt: UnixSeconds | null
  readonly endedAt: UnixSeconds | null
  /** How many of its milestones are reached. */
  readonly reached: number
  /** Of one that is given back: up to whom, and what it is then. */
  readonly returned: number
  readonly endsAs: 'missed' | 'off' | null
  /** Why it was called off. */
  readonly why: string | null
}

/** Goals that have ended are not loaded. */
export const goals = defineTable<GoalRow>('goal', 'whole', (row) => row.id)

export const goalEnded = ({ status }: { readonly status: GoalStatus }): boolean =>
  status === 'reached' || status === 'missed' || status === 'off'

/** The goals that have not ended, in the order in which they were made. */
export const runningGoals = (world: World): GoalRow[] =>
  world
    .all(goals)
    .filter((row) => !goalEnded(row))
    .sort((a, b) => a.id - b.id)

/** A goal that has not ended. */
export function runningGoal(world: World, id: number): GoalRow | undefined {
  const row = world.get(goals, id)
  return row === undefined || goalEnded(row) ? undefined : row
}

/** How much is in a goal: kept apart from it, because every part changes it. Bears the goal's id. */
export interface GoalTotalsRow {
  readonly id: number
  /** The number of the last who came in. */
  readonly last: number
  readonly people: number
  readonly paid: Amount
  /** Who gave last, and how much. */
  readonly lastName: string
  readonly lastAmount: Amount
  /** When everybody is told next; null: all that there is to tell was told. */
  readonly tellAt: UnixSeconds | null
  readonly toldAt: UnixSeconds
}

export const goalTotals = defineTable<GoalTotalsRow>('goalTotals', 'whole', (row) => row.id)

export const goalTotalsOf = (world: World, id: number): GoalTotalsRow =>
  world.get(goalTotals, id) ?? {
    ...{ id, last: 0, people: 0, paid: 0, lastName: '', lastAmount: 0 },
    ...{ tellAt: null, toldAt: 0 },
  }

/** What one person has in a goal. */
export interface PartRow {
  /** The goal's id and the viewer's: "12/34". */
  readonly key: string
  readonly goal: GoalId
  readonly viewer: ViewerId
  readonly name: string
  /** The order of first parts. */
  readonly nr: number
  readonly paid: Amount
  /** What went back of it. */
  readonly back: Amount
  readonly at: UnixSeconds
}

export const partKey = (goal: GoalId, viewer: ViewerId): string => `${goal}/${viewer}`

export const parts = defineTable<PartRow>('goalPart', 'keyed', (row) => row.key, [], viewerIn)

export const needPart = (goal: GoalId, viewer: ViewerId): Need => needKey(parts, partKey(goal, viewer))

export const partOf = (world: World, goal: GoalId, viewer: ViewerId): PartRow | undefined =>
  world.get(parts, partKey(goal, viewer))
