import { DateTime } from 'luxon'
import { habitOf, habits, holds, needPerson, standingsOf, viewers, watches } from '../people/index.ts'
import { exactly, orNull, UnixSeconds } from '../schema.ts'
import { checkGoesOn, readSetting, setting, writeSetting, zoneSetting } from '../settings/index.ts'
import { type Handler, needKey, ok, type World } from '../world/index.ts'
import { payFor } from './payFor.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'

/** When the allowance is paid next, in seconds since 1970; null: never. */
export const allowanceSetting = setting('allowance', 'time of the allowance', exactly({ next: orNull(UnixSeconds) }), {
  next: null,
})

/**
 * The first time after `after` that is this hour of this weekday in a time zone (seconds). Where the clocks skip that hour
 * it is the one after it; where they repeat it, the first of the two.
 */
export function nextAllowance(
  { weekday, hour }: Pick<EarningPlan['allowance'], 'weekday' | 'hour'>,
  timeZone: string,
  after: number,
): number {
  const day = DateTime.fromSeconds(after, { zone: timeZone }).startOf('day')
  const ahead = (weekday - day.weekday + 7) % 7
  const on = (days: number) => Math.floor(day.plus({ days }).set({ hour }).toSeconds())
  return on(ahead) > after ? on(ahead) : on(ahead + 7)
}

const pays = ({ amount, to }: EarningPlan['allowance']): boolean => amount > 0 && to.length > 0

/** Sets the next allowance where the plan says; one that was set for another time finds nothing to pay. */
export function scheduleAllowance(world: World, { allowance }: EarningPlan): void {
  const before = readSetting(world, allowanceSetting).next
  const { timeZone } = readSetting(world, zoneSetting)
  const next = pays(allowance) ? nextAllowance(allowance, timeZone, world.at) : null
  if (next === before) return
  writeSetting(world, allowanceSetting, { next })
  if (next !== null)
    world.timer({ job: 'earning.allowance', key: `earning.allowance/${next}`, at: next, data: { due: next } })
}

export interface PayAllowance {
  readonly kind: 'earning.allowance'
  /** The time it was set for: each is paid once, however often and late it is tried. */
  readonly due: UnixSeconds
  readonly viewers: readonly number[]
}

/** Pays the weekly allowance to those of some people who hold a standing it is for. */
export const payAllowance = {
  needs: (_world, intent) =>
    intent.viewers.flatMap((id) => [...needPerson(id), needKey(habits, id), needKey(watches, id)]),
  decide(world, intent) {
    if (readSetting(world, allowanceSetting).next !== intent.due) return ok({ viewers: 0, paid: 0 })
    // A channel that is paused or closed pays nothing; the week is not made up for.
    if (!checkGoesOn(world).ok) return ok({ viewers: 0, paid: 0 })
    const { amount, to } = readSetting(world, earningSetting).allowance
    let [count, paid] = [0, 0]
    for (const id of intent.viewers) {
      const viewer = world.get(viewers, id)
      const habit = habitOf(world, id)
      if (viewer === undefined || habit.allowanceAt >= intent.due) continue
      const held = standingsOf(viewer, world.at)
      if (!to.some((standing) => holds(held, standing))) continue
      world.put(habits, { ...habit, allowanceAt: intent.due })
      paid += payFor(world, viewer, amount, { reason: 'allowance' })
      count++
    }
    return ok({ viewers: count, paid })
  },
} satisfies Handler<PayAllowance>

export interface AllowancePaid {
  readonly kind: 'earning.allowancePaid'
  readonly due: UnixSeconds
}

/** Everyone has had theirs: sets the next. */
export const allowancePaid = {
  decide(world, intent) {
    if (readSetting(world, allowanceSetting).next === intent.due)
      scheduleAllowance(world, readSetting(world, earningSetting))
    return ok({ next: readSetting(world, allowanceSetting).next ?? 0 })
  },
} satisfies Handler<AllowancePaid>

declare module '../world/timers.ts' {
  interface Jobs {
    'earning.allowance': { readonly due: UnixSeconds }
  }
}
