import { type Currency, digits, durationInWords, inWords } from '../currency/index.ts'
import { type CircleRow, circleStanding, PLAIN_STANDINGS, standingName } from '../people/index.ts'
import { hourlyHundredths, offAirWeek, type Week } from './examples.ts'
import { watchingFor, watchingPays } from './explain.ts'
import { payoutOf } from './payout.ts'
import type { EarningPlan } from './schema.ts'

type Circles = readonly Pick<CircleRow, 'id' | 'name'>[]

/** What a tired person should know before this plan goes live; empty if there is nothing to say. */
export function planWarnings(plan: EarningPlan, currency: Currency, circles: Circles = [], week?: Week): string[] {
  return [
    ...ofWatching(plan, currency),
    ...ofBonuses(plan, circles),
    ...ofDistance(plan, circles),
    ...ofOffAir(plan, currency, week),
  ]
}

function ofWatching(plan: EarningPlan, currency: Currency): string[] {
  if (plan.base === 0 && payoutOf(plan, [], false, false) === 0) return ['Watching pays nothing with this plan.']
  if (plan.cap === null || plan.cap >= watchingPays({ ...plan, cap: null }, 36_000)) return []
  const reached = durationInWords(watchingFor(plan, plan.cap) ?? 0)
  return [
    `A balance is capped at ${inWords(plan.cap, currency)}, which a viewer reaches after ${reached}; from then on watching pays nothing.`,
  ]
}

/** Bonuses that make no difference, because they round away. */
function ofBonuses(plan: EarningPlan, circles: Circles): string[] {
  const plain = payoutOf(plan, [], false, false)
  return Object.entries(plan.standings).flatMap(([standing, { plus, times }]) => {
    if ((plus === 0 && times === 100) || payoutOf(plan, [standing], false, false) > plain) return []
    return [`The bonus of "${standingName(standing, circles)}" rounds away: a payment stays at ${digits(plain)}.`]
  })
}

/** One standing that earns more than ten times another. */
function ofDistance(plan: EarningPlan, circles: Circles): string[] {
  const each = [...PLAIN_STANDINGS, ...circles.map(({ id }) => circleStanding(id))].map((standing) => ({
    name: standingName(standing, circles),
    pays: payoutOf(plan, [standing], false, false),
  }))
  const least = payoutOf(plan, [], false, false)
  return each
    .filter(({ pays }) => least > 0 && pays > 10 * least)
    .map(
      ({ name, pays }) =>
        `"${name}" earns ${digits(pays)} where others earn ${digits(least)}: more than ten times as much.`,
    )
}

function ofOffAir(plan: EarningPlan, currency: Currency, week: Week = { shows: 3, seconds: 27_000 }): string[] {
  const { offAir } = plan
  if (offAir.base === 0) return []
  const collects = `Being there off air pays: somebody who never leaves collects ${inWords(offAirWeek(plan, week), currency)} a week without watching anything.`
  const more = hourlyHundredths(offAir.base, offAir.intervalSeconds) > hourlyHundredths(plan.base, plan.intervalSeconds)
  return more ? [collects, 'An hour off air pays more than an hour of the show.'] : [collects]
}
