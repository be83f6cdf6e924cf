import { Chance, digestOf } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { Amount, BasisPoints, Ppm } from '../../schema.ts'

const PPM = 1_000_000

/** The stream that a scramble is drawn from (rules: scramble). @param seed - 32 bytes in hex. */
export const scrambleChance = (
  seed: string,
  scramble: string | number,
  entrants: readonly (string | number)[],
): Chance => new Chance(seed, `scramble/${scramble}/${digestOf(entrants.map(String))}`)

/** The order in which a scramble ends: the first is the winner, the last is out first. Everybody has the same chance (Fisher and Yates). */
export function orderOf<V extends string | number>(chance: Chance, entrants: readonly V[]): V[] {
  const order = [...entrants]
  for (let i = order.length - 1; i > 0; i--) {
    const j = chance.below(i + 1)
    const [one, other] = [order[i] as V, order[j] as V]
    order[i] = other
    order[j] = one
  }
  return order
}

/** What there is to win: rake = stakes x bp / 10,000; prize = stakes - rake + what the house adds. */
export function scramblePrize(stakes: Amount, rakeBp: BasisPoints, adds: Amount): { rake: Amount; prize: Amount } {
  const rake = mulDiv(stakes, rakeBp, 10_000)
  return { rake, prize: stakes - rake + adds }
}

/** What each place gets: prize x share, at most as many places as people; what is left over goes to the first. */
export function placesPaid(prize: Amount, sharesPpm: readonly Ppm[], people: number): Amount[] {
  const paid = sharesPpm.slice(0, people).map((share) => mulDiv(prize, share, PPM))
  const rest = prize - paid.reduce((sum, one) => sum + one, 0)
  return paid.map((one, i) => (i === 0 ? one + rest : one))
}

/**
 * How many are left after each wave: half of them go at a time, down to those who are paid; then one after the other.
 * @param places - How many are paid.
 */
export function wavesOf(people: number, places: number): number[] {
  const waves: number[] = []
  let left = people
  while (left > 1) {
    const half = Math.ceil(left / 2)
    left = left > places ? Math.max(places, half) : left - 1
    waves.push(left)
  }
  return waves
}
