import type { Static } from '@sinclair/typebox'
import { digits } from '../currency/index.ts'
import { Chance, digestOf, sealOf } from '../fairness/index.ts'
import { exactly, oneOf, type RaffleId, whole } from '../schema.ts'
import { ok, type Result, refuse } from '../world/index.ts'

/** What is guessed: a whole number within bounds. The answer is drawn, or set by the team before it opens. */
export const Guessing = exactly({
  least: whole(0, 1_000_000_000),
  most: whole(0, 1_000_000_000),
  answer: oneOf(['drawn', 'set']),
})
export type Guessing = Static<typeof Guessing>

/** Somebody's guess. `order`: of two who are equally near, the lower one guessed earlier. */
export interface Guess<V extends string | number = number> {
  readonly viewer: V
  readonly guess: number
  readonly order: number
}

/** How far a guess is off. */
export const offBy = (guess: number, answer: number): number => Math.abs(guess - answer)

/** Guesses from the nearest on; of equally near ones the earlier first (rules: guess). */
export const nearestFirst = <G extends Guess<string | number>>(guesses: readonly G[], answer: number): G[] =>
  [...guesses].sort((a, b) => offBy(a.guess, answer) - offBy(b.guess, answer) || a.order - b.order)

/** The answer where it is drawn (rules: guess). @param seed - 32 bytes in hex. */
export const drawnAnswer = (
  seed: string,
  raffle: RaffleId | string,
  { least, most }: Pick<Guessing, 'least' | 'most'>,
) => least + new Chance(seed, `guess/${raffle}`).below(most - least + 1)

/** The digest of all guesses, in the order in which they were made: the nearest one follows from these alone. */
export const guessDigest = (guesses: readonly Guess<string | number>[]): string =>
  digestOf([...guesses].sort((a, b) => a.order - b.order).map(({ viewer, guess }) => `${viewer}:${guess}`))

/** An answer that the team has set, as it is kept until the end: with a salt, so that nobody can try all numbers. */
export const saltedAnswer = (answer: number, salt: string): string => `${answer}:${salt}`

/** What is published of it at the opening: SHA-256 of "answer:salt", in hex. '': none was set. */
export const answerCommitment = (salted: string): string => (salted === '' ? '' : sealOf(salted))

/** The answer within "answer:salt". */
export const answerIn = (salted: string): number => Number(salted.split(':')[0])

/** Reads a guess; or says within what it must be. */
export function readGuess(typed: number | string, { least, most }: Guessing, word: string): Result<number> {
  const guess = typeof typed === 'number' ? typed : Number(typed)
  if (typed !== '' && Number.isSafeInteger(guess) && guess >= least && guess <= most) return ok(guess)
  const middle = Math.floor((least + most) / 2)
  return refuse(
    'raffle_guess',
    `Guess a whole number from ${digits(least)} to ${digits(most)}: type !${word} ${middle}, for example.`,
  )
}
