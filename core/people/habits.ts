import type { UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, type World } from '../world/index.ts'
import { findViewer } from './viewers.ts'
import { needWatch } from './watch.ts'

/** What somebody does again and again; bears their viewer's id. Times in seconds since 1970. */
export interface HabitRow {
  readonly id: ViewerId
  /** Number of the show they checked in to last; 0: never. */
  readonly checkedIn: number
  /** Shows in a row, and the most there ever were. */
  readonly streak: number
  readonly bestStreak: number
  /** How often they have checked in: a tally. */
  readonly checkIns: number
  readonly chatPaidAt: UnixSeconds
  /** The weekly allowance that was paid last, by its time. */
  readonly allowanceAt: UnixSeconds
  /** What was passed on to others on a day (`handedDay`: days since 1970 in the channel's time zone). */
  readonly handedDay: number
  readonly handed: number
}

export const habits = defineTable<HabitRow>('habit', 'keyed', (row) => row.id)

/** What an intent about somebody's habits needs: all that `needWatch` asks for, and the habits. */
export function needHabits(world: World, account: string): Need[] {
  const needed = needWatch(world, account)
  const viewer = needed.every((need) => world.rows.has(need)) ? findViewer(world, account) : undefined
  return viewer === undefined ? needed : [...needed, needKey(habits, viewer.id)]
}

/** Somebody's habits; for who has none yet: nothing. */
export const habitOf = (world: World, viewer: ViewerId): HabitRow =>
  world.get(habits, viewer) ?? {
    id: viewer,
    checkedIn: 0,
    streak: 0,
    bestStreak: 0,
    checkIns: 0,
    chatPaidAt: 0,
    allowanceAt: 0,
    handedDay: 0,
    handed: 0,
  }
