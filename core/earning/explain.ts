import { type Currency, durationInWords, inWords } from '../currency/index.ts'
import { creditWithinCap } from '../ledger/index.ts'
import { accrue } from './accrue.ts'
import type { EarningPlan } from './schema.ts'

const beforeCap = (plan: EarningPlan, seconds: number): number =>
  accrue(0, seconds, plan.intervalSeconds).payouts * plan.base

/** What somebody holds who starts with nothing, watches for so many seconds and spends nothing; the cap applies. */
export const watchingPays = (plan: EarningPlan, seconds: number): number =>
  creditWithinCap(beforeCap(plan, seconds), 0, plan.cap)

/** The plan read back: "Somebody who watches for 2 h gets 240 rivets." */
export function exampleSentence(plan: EarningPlan, currency: Currency, seconds: number): string {
  return `Somebody who watches for ${durationInWords(seconds)} gets ${inWords(watchingPays(plan, seconds), currency)}.`
}

/** "10 rivets for every 5 min of watching". */
export const planInWords = (plan: EarningPlan, currency: Currency): string =>
  `${inWords(plan.base, currency)} for every ${durationInWords(plan.intervalSeconds)} of watching`

/** Seconds of watching that an amount takes, in whole intervals; null where watching pays nothing. */
export const watchingFor = (plan: EarningPlan, amount: number): number | null =>
  plan.base === 0 ? null : Math.ceil(amount / plan.base) * plan.intervalSeconds

/** What a tired person should know before this plan goes live; empty if there is nothing to say. */
export function planWarnings(plan: EarningPlan, currency: Currency): string[] {
  const warnings: string[] = []
  if (plan.base === 0) warnings.push('Watching pays nothing with this plan.')
  if (plan.cap !== null && plan.base > 0 && plan.cap < beforeCap(plan, 36_000)) {
    const reached = watchingFor(plan, plan.cap)
    warnings.push(
      `A viewer can hold ${inWords(plan.cap, currency)} at most and gets there after ${durationInWords(reached ?? 0)}; from then on watching pays nothing.`,
    )
  }
  return warnings
}
