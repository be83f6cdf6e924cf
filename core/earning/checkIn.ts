import { type HabitRow, habitOf, habits, type ViewerRow } from '../people/index.ts'
import type { Amount } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { payFor } from './payFor.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'

type CheckInPlan = EarningPlan['checkIn']

/**
 * The streak once somebody checks in to a show: one longer if they were at the one before (or, where the plan forgives one
 * missed show, the one before that), else 1.
 */
export function streakAfter(habit: Pick<HabitRow, 'checkedIn' | 'streak'>, show: number, plan: CheckInPlan): number {
  if (habit.checkedIn === 0) return 1
  const missed = show - habit.checkedIn - 1
  return missed <= (plan.missedAllowed ? 1 : 0) ? habit.streak + 1 : 1
}

/** What a check-in with such a streak pays: the amount, and `streakPlus` for each show before this one, `streakMost` at most. */
export const checkInPays = ({ amount, streakPlus, streakMost }: CheckInPlan, streak: number): number =>
  amount + Math.min(streakMost, streakPlus * (streak - 1))

export interface CheckedIn {
  readonly paid: Amount
  readonly streak: number
}

/** Checks somebody in, once per show. Needs their watch row and habits. */
export function checkIn(world: World, viewer: ViewerRow): Result<CheckedIn> {
  const plan = readSetting(world, earningSetting).checkIn
  const show = showOnAir(world)
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  if (plan.amount === 0) return refuse('check_in_off', 'There is no check-in here.')
  if (show === undefined) return refuse('not_on_air', 'Check-in opens when the show is on air.')
  const habit = habitOf(world, viewer.id)
  if (habit.checkedIn === show.number)
    return refuse('checked_in_already', `You have already checked in to this show; your streak is ${habit.streak}.`)
  const streak = streakAfter(habit, show.number, plan)
  world.put(habits, {
    ...habit,
    checkedIn: show.number,
    streak,
    bestStreak: Math.max(streak, habit.bestStreak),
    checkIns: habit.checkIns + 1,
  })
  const pays = checkInPays(plan, streak)
  const paid = payFor(world, viewer, pays, { reason: 'checkedIn', about: show.id, detail: { streak, pays } })
  return ok({ paid, streak })
}
