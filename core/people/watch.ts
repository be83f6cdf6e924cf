import type { Seconds, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, type Need, needKey, type World } from '../world/index.ts'
import { findViewer, needViewer } from './viewers.ts'

/** What has been counted of somebody's watching; bears their viewer's id. Durations in seconds, times since 1970. */
export interface WatchRow {
  readonly id: ViewerId
  /** Whether time counts for them at the moment: present, and nobody whom the channel ignores. */
  readonly counting: boolean
  /** Up to when their time has been counted; on arrival: since when it counts. */
  readonly countedUntil: UnixSeconds
  /** Seconds watched that have not filled an interval yet. */
  readonly carrySeconds: Seconds
  /** The same of the time off air, which never counts as watched. */
  readonly offAirCarry: number
  readonly watchedSeconds: Seconds
  /** The last show attended, the seconds of it watched, and what they had earned in all before it. */
  readonly showId: number | null
  readonly showSeconds: Seconds
  readonly showEarnedFrom: number
  /** Shows attended, a bit for each: bit 0 is the show with the number `attendedShow`, bit 1 the one before it ... */
  readonly attended: number
  readonly attendedShow: number
}

export const watches = defineTable<WatchRow>('watch', 'keyed', (row) => row.id)

/** What an intent about somebody's presence needs: the person, their wallet and what they have watched. */
export function needWatch(world: World, account: string): Need[] {
  const needed = needViewer(world, account)
  const viewer = needed.every((need) => world.rows.has(need)) ? findViewer(world, account) : undefined
  return viewer === undefined ? needed : [...needed, needKey(watches, viewer.id)]
}

/** What somebody has watched so far; for who is new: nothing. */
export const watchOf = (world: World, viewer: ViewerId): WatchRow =>
  world.get(watches, viewer) ?? {
    id: viewer,
    counting: false,
    countedUntil: 0,
    carrySeconds: 0,
    offAirCarry: 0,
    watchedSeconds: 0,
    showId: null,
    showSeconds: 0,
    showEarnedFrom: 0,
    attended: 0,
    attendedShow: 0,
  }

/** Who watched at least this much of a show has attended it (seconds). */
export const ATTENDED_SECONDS = 300
/** How many shows back it is known who attended. */
export const SHOWS_KNOWN = 50

/**
 * The bits of the shows attended once somebody has attended the show with this number, too: older ones move up, and out
 * after `SHOWS_KNOWN`. Floating point division is exact here, as these are whole numbers below 2^53.
 */
export function attend(
  row: Pick<WatchRow, 'attended' | 'attendedShow'>,
  show: number,
): Pick<WatchRow, 'attended' | 'attendedShow'> {
  const moved = movedTo(row, show)
  return { attended: moved % 2 === 1 ? moved : moved + 1, attendedShow: show }
}

function movedTo({ attended, attendedShow }: Pick<WatchRow, 'attended' | 'attendedShow'>, show: number): number {
  const by = show - attendedShow
  if (by <= 0) return attended
  if (by >= SHOWS_KNOWN) return 0
  // What would move past the last known show is dropped first.
  return (attended % 2 ** (SHOWS_KNOWN - by)) * 2 ** by
}

/** How many of the last `of` shows up to number `latest` somebody attended. `of` at most `SHOWS_KNOWN`. */
export function attendedOfLast(row: Pick<WatchRow, 'attended' | 'attendedShow'>, latest: number, of: number): number {
  let bits = movedTo(row, latest) % 2 ** Math.min(of, SHOWS_KNOWN)
  let count = 0
  for (; bits > 0; bits = Math.floor(bits / 2)) count += bits % 2
  return count
}
