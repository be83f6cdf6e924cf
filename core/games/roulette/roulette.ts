import { Chance } from '../../fairness/index.ts'
import type { Amount, RoundId } from '../../schema.ts'
import { type Fraction, fraction } from '../fraction.ts'
import type { On } from './schema.ts'
import { NUMBERS, RED } from './wheel.ts'

/** Where the ball comes to rest (rules: roulette). @param seed - 32 bytes in hex. */
export const spinWheel = (seed: string, round: string | RoundId): number =>
  new Chance(seed, `roulette/${round}`).below(NUMBERS)

/** What a bet that holds pays, as a multiple of its stake, the stake included. */
export function paysTimes({ on }: On): number {
  if (on === 'number') return 36
  return on === 'dozen' || on === 'column' ? 3 : 2
}

/** Whether a number makes a bet hold. 0 beats all but a bet on itself. */
export function holds(bet: On, number: number): boolean {
  if (bet.on === 'number') return bet.number === number
  if (number === 0) return false
  switch (bet.on) {
    case 'dozen':
      return Math.ceil(number / 12) === bet.which
    case 'column':
      return ((number - 1) % 3) + 1 === bet.which
    case 'red':
      return RED.has(number)
    case 'black':
      return !RED.has(number)
    case 'odd':
      return number % 2 === 1
    case 'even':
      return number % 2 === 0
    case 'low':
      return number <= 18
    case 'high':
      return number > 18
  }
}

/** What a bet gives back in all. */
export const returnedOf = (bet: On, stake: Amount, number: number): number =>
  holds(bet, number) ? stake * paysTimes(bet) : 0

/** What comes back of a bet on average, counted over every number of the wheel. 36/37 for every bet there is. */
export function betReturns(bet: On): Fraction {
  const holding = Array.from({ length: NUMBERS }, (_, number) => number).filter((number) => holds(bet, number))
  return fraction(BigInt(holding.length * paysTimes(bet)), BigInt(NUMBERS))
}
