import { type Fraction, fraction } from './fraction.ts'
import type { On } from './roulette/schema.ts'

/** One way in which a play can end: how likely it is, and what it pays in hundredths of the stake, the stake included. */
export interface Outcome {
  readonly chance: Fraction
  readonly pays: number
}

/** How somebody plays: of a heist the crew and the room after which they leave; of the wheel what they bet on. */
export interface Way {
  readonly crew: number
  readonly leaveAfter: number
  readonly on: On
}

export const PLAIN_WAY: Way = { crew: 5, leaveAfter: 99, on: { on: 'red' } }

export const half = fraction(1n, 2n)
export const restOf = ({ top, bottom }: Fraction): Fraction => fraction(bottom - top, bottom)

/** It pays so much, or nothing. */
export const win = (chance: Fraction, pays: number): Outcome[] => [
  { chance, pays },
  { chance: restOf(chance), pays: 0 },
]

/** What comes back of a stake on average over these outcomes. */
export const averageOf = (outcomes: readonly Outcome[]): Fraction =>
  outcomes.reduce(
    (sum, { chance, pays }) =>
      fraction(
        sum.top * chance.bottom * 100n + chance.top * BigInt(pays) * sum.bottom,
        sum.bottom * chance.bottom * 100n,
      ),
    fraction(0n, 1n),
  )

/** What a game gives back of what is staked on average: the least and the most of all ways to play it. Exact. */
export interface Returns {
  readonly least: Fraction
  readonly most: Fraction
}

/** However it is played. */
export const always = (one: Fraction): Returns => ({ least: one, most: one })

const below = (a: Fraction, b: Fraction): boolean => a.top * b.bottom < b.top * a.bottom

/** The least and the most of these; of none: nothing. */
export function boundsOf(all: readonly Fraction[]): Returns {
  const first = all[0] ?? fraction(0n, 1n)
  return all.reduce<Returns>(
    ({ least, most }, one) => ({ least: below(one, least) ? one : least, most: below(most, one) ? one : most }),
    always(first),
  )
}

/** A chance or return that was computed as a number, as a fraction of a thousand million. */
export const asFraction = (one: number): Fraction => fraction(BigInt(Math.round(one * 1e9)), 1_000_000_000n)
