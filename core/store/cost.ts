import { type Currency, inWords } from '../currency/index.ts'
import type { Amount } from '../schema.ts'
import { tallyInWords } from '../tallies/index.ts'

/** What something costs of a tally. */
export interface TallyCost {
  readonly one: string
  readonly many: string
  readonly count: number
}

/** What a reward costs, in words: "900 rivets", "10 stamps", "900 rivets and 10 stamps", "nothing". */
export function costInWords(price: Amount, tally: TallyCost | null, currency: Currency): string {
  const ofTally = tally === null ? [] : [tallyInWords(tally, tally.count)]
  const parts = price > 0 ? [inWords(price, currency), ...ofTally] : ofTally
  return parts.length === 0 ? 'nothing' : parts.join(' and ')
}
