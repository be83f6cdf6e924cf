import { Chance } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { Amount, BasisPoints } from '../../schema.ts'

const WHOLE_BP = 10_000

/** What a duel's pot comes to. */
export interface DuelPot {
  readonly pot: number
  /** What the house keeps. */
  readonly rake: number
  /** What the winner gets, their own stake included. */
  readonly paid: Amount
}

/** What is in the pot of a duel, and how it is split (rules: duel). @param rakeBp - Of the whole pot, in 1/10,000. */
export function duelPot(stake: Amount, rakeBp: BasisPoints): DuelPot {
  const pot = 2 * stake
  const rake = mulDiv(pot, rakeBp, WHOLE_BP)
  return { pot, rake, paid: pot - rake }
}

/** The label that a duel's winner is drawn from. */
export const duelLabel = (duel: string | number, challenger: string | number, challenged: string | number): string =>
  `duel/${duel}/${challenger}:${challenged}`

/** Who wins a duel: each of the two as likely as the other (rules: duel). @param seed - 32 bytes in hex. */
export function duelWinner<Who extends string | number>(
  seed: string,
  duel: string | number,
  challenger: Who,
  challenged: Who,
): Who {
  return new Chance(seed, duelLabel(duel, challenger, challenged)).below(2) === 0 ? challenger : challenged
}
