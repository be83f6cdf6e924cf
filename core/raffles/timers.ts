import type { RaffleId, UnixSeconds } from '../schema.ts'
import type { World } from '../world/index.ts'
import { type RaffleRow, raffles } from './rows.ts'

/** What a timer of a raffle is for. */
export type TimerKind =
  | 'open'
  | 'close'
  | 'soon'
  | 'remind'
  | 'before'
  | 'announce'
  | 'claim'
  | 'return'
  | 'finish'
  | 'told'
  | 'cheer'

/** Sets a timer. One that comes for a time that is not the raffle's any more finds that, and does nothing. */
export function setTimer(
  world: World,
  raffle: RaffleId,
  what: TimerKind,
  due: UnixSeconds,
  more: { readonly draw?: number; readonly after?: number } = {},
): void {
  const mark = [
    what,
    due,
    ...(more.draw === undefined ? [] : [more.draw]),
    ...(more.after === undefined ? [] : [more.after]),
  ].join('/')
  world.timer({ key: `raffle/${raffle}/${mark}`, at: due, intent: { kind: 'raffle.tick', raffle, what, due, ...more } })
}

/** When it is told that a raffle closes, before it does. */
export const beforeTimes = ({ closesAt, settings }: RaffleRow): number[] =>
  closesAt === null ? [] : settings.remind.beforeMinutes.map((minutes) => closesAt - minutes * 60)

/** When "closing soon" is; null: never. */
export const soonAt = ({ closesAt, settings }: RaffleRow): number | null =>
  closesAt === null || settings.soonSeconds === 0 ? null : closesAt - settings.soonSeconds

/** Sets all that an open raffle does by itself, anew where its time was changed. */
export function setTimers(world: World, raffle: RaffleRow): RaffleRow {
  const { id, closesAt, settings } = raffle
  if (closesAt !== null) setTimer(world, id, 'close', closesAt)
  for (const at of new Set(beforeTimes(raffle))) if (at > world.at) setTimer(world, id, 'before', at)
  const soon = soonAt(raffle)
  if (soon !== null && soon > world.at) setTimer(world, id, 'soon', soon)
  return remindLater(world, world.put(raffles, raffle), settings.remind.everyMinutes)
}

/** Sets the next reminder. @param minutes - From now; 0: none. */
export function remindLater(world: World, raffle: RaffleRow, minutes: number): RaffleRow {
  const at = minutes === 0 ? null : world.at + minutes * 60
  const remindAt = at !== null && (raffle.closesAt === null || at < raffle.closesAt) ? at : null
  if (remindAt !== null) setTimer(world, raffle.id, 'remind', remindAt)
  return world.put(raffles, { ...raffle, remindAt })
}

/** A raffle whose settings were changed while it is open: its clock and its reminders go by the new ones. A time that has passed closes it at once. */
export function rescheduled(world: World, raffle: RaffleRow, before: RaffleRow['settings']): RaffleRow {
  const { status, settings, openedAt } = raffle
  if (status !== 'open' || openedAt === null) return raffle
  const same = settings.closeSeconds === before.closeSeconds
  const closesAt = same
    ? raffle.closesAt
    : settings.closeSeconds === 0
      ? null
      : Math.max(world.at, openedAt + settings.closeSeconds)
  return setTimers(world, { ...raffle, closesAt })
}
