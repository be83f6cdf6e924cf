import { needViewer, viewers } from '../people/index.ts'
import { defineTable, type Need, needKey, type World } from '../world/index.ts'

/** What has been counted of somebody's watching; bears their viewer's id. Durations in seconds, times since 1970. */
export interface WatchRow {
  readonly id: number
  /** Whether time counts for them at the moment: present, and nobody whom the channel ignores. */
  readonly counting: boolean
  /** Up to when their time has been counted; on arrival: since when it counts. */
  readonly countedUntil: number
  /** Seconds watched that have not filled an interval yet. */
  readonly carrySeconds: number
  readonly watchedSeconds: number
  /** The last show attended, and the seconds of it watched. */
  readonly showId: number | null
  readonly showSeconds: number
}

export const watches = defineTable<WatchRow>('watch', 'keyed', (row) => row.id)

/** What an intent about somebody's presence needs: the person, their wallet and what they have watched. */
export function needWatch(world: World, account: string): Need[] {
  const needed = needViewer(world, account)
  const [byAccount] = needed
  const viewer = byAccount && world.rows.has(byAccount) ? world.find(viewers, 'account', account) : undefined
  return viewer === undefined ? needed : [...needed, needKey(watches, viewer.id)]
}

/** What somebody has watched so far; for who is new: nothing. */
export const watchOf = (world: World, viewer: number): WatchRow =>
  world.get(watches, viewer) ?? {
    id: viewer,
    counting: false,
    countedUntil: 0,
    carrySeconds: 0,
    watchedSeconds: 0,
    showId: null,
    showSeconds: 0,
  }
