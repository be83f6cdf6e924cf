import { Chance } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { Amount, RoundId } from '../../schema.ts'

export type Side = 'heads' | 'tails'

/** The label that a side is drawn from. */
export const coinLabel = (round: RoundId | string): string => `coin/${round}`

/** The side of a coin (rules: coin). @param seed - 32 bytes in hex. */
export const tossCoin = (seed: string, round: RoundId | string): Side =>
  new Chance(seed, coinLabel(round)).below(2) === 0 ? 'heads' : 'tails'

/** What a stake on a side gives back. @param multiplier - In hundredths of the stake, the stake included. */
export const coinPays = (stake: Amount, called: Side, side: Side, multiplier: number): Amount =>
  side === called ? mulDiv(stake, multiplier, 100) : 0
