import { type Currency, durationInWords, inWords } from '../currency/index.ts'
import { creditWithinCap } from '../ledger/index.ts'
import type { Amount, Seconds } from '../schema.ts'
import { accrue } from './accrue.ts'
import type { EarningPlan } from './schema.ts'

/** The part of a plan that plain watching goes by. */
type Watching = Pick<EarningPlan, 'intervalSeconds' | 'base' | 'cap'>

const beforeCap = (plan: Watching, seconds: Seconds): number =>
  accrue(0, seconds, plan.intervalSeconds).payouts * plan.base

/** What somebody holds who starts with nothing, watches for so many seconds and spends nothing; the cap applies. */
export const watchingPays = (plan: Watching, seconds: Seconds): number =>
  creditWithinCap(beforeCap(plan, seconds), 0, plan.cap)

/** The plan read back: "Somebody who watches for 2 h gets 240 rivets." */
export function exampleSentence(plan: Watching, currency: Currency, seconds: Seconds): string {
  return `Somebody who watches for ${durationInWords(seconds)} gets ${inWords(watchingPays(plan, seconds), currency)}.`
}

/** "10 rivets for every 5 min of watching". */
export const planInWords = (plan: Pick<Watching, 'intervalSeconds' | 'base'>, currency: Currency): string =>
  `${inWords(plan.base, currency)} for every ${durationInWords(plan.intervalSeconds)} of watching`

/** Seconds of watching that an amount takes, in whole intervals; null where watching pays nothing. */
export const watchingFor = (plan: Pick<Watching, 'intervalSeconds' | 'base'>, amount: Amount): number | null =>
  plan.base === 0 ? null : Math.ceil(amount / plan.base) * plan.intervalSeconds
