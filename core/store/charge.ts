import type { EarningPlan } from '../earning/index.ts'
import type { Amount } from '../schema.ts'
import { couldBuy, type Holdings, priceInWatching } from './price.ts'

/** Whether a price is out of reach for those who came, or next to nothing. */
export type Charge = 'dear' | 'cheap'

/** Out of reach: fewer than one in so many can pay it. */
export const REACH = 20
/** Next to nothing: who only watches has it in less than so long (seconds). */
export const NEXT_TO_NOTHING_SECONDS = 300

/** What a price looks like after a show; undefined: neither out of reach nor next to nothing. What is free is neither. */
export function chargeOf(price: Amount, plan: EarningPlan, holdings: Holdings): Charge | undefined {
  if (price === 0) return undefined
  if (holdings.people > 0 && couldBuy(holdings, price) * REACH < holdings.people) return 'dear'
  const [watches] = priceInWatching(plan, [], price)
  return watches?.seconds != null && watches.seconds < NEXT_TO_NOTHING_SECONDS ? 'cheap' : undefined
}
