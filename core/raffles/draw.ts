import { Chance, digestOf } from '../fairness/index.ts'
import type { RaffleId } from '../schema.ts'

/** Somebody in a raffle, and what their tickets count together: tickets x the weight of each, in hundredths of a plain ticket. */
export interface Entrant<Viewer extends string | number = number> {
  readonly viewer: Viewer
  readonly weight: number
}

/** One pick of a draw, with all that it can be computed again from. */
export interface Pick<Viewer extends string | number = number> {
  /** 1 for the first of the raffle. */
  readonly draw: number
  /** Of all who were still in. */
  readonly digest: string
  readonly total: number
  /** From 0 to below `total`: the winner is the first whose running sum is above it. */
  readonly point: number
  readonly winner: Viewer
  /** The winner's part of the total. */
  readonly weight: number
  /** What stands before the winner in the list. */
  readonly start: number
}

/** What somebody's tickets count together (rules: raffle). @param weight - Of each ticket, in hundredths: 100 is plain. */
export const weightOf = (tickets: number, weight: number): number => tickets * weight

/** The digest of who is still in with what weight, in the order of first entry: a pick holds for these alone. */
export const entrantsDigest = (entrants: readonly Entrant<string | number>[]): string =>
  digestOf(entrants.map(({ viewer, weight }) => `${viewer}:${weight}`))

/** The label that a pick is drawn by. */
export const pickLabel = (raffle: string | RaffleId, draw: number, digest: string): string =>
  `raffle/${raffle}/${draw}/${digest}`

/**
 * Picks one of those who are in (rules: raffle).
 * @param seed - 32 bytes in hex.
 * @param draw - Which pick of the raffle it is, 1 for the first.
 * @param entrants - In the order of first entry.
 * @returns undefined where nobody is in.
 */
export function pickOne<Viewer extends string | number>(
  seed: string,
  raffle: string | RaffleId,
  draw: number,
  entrants: readonly Entrant<Viewer>[],
): Pick<Viewer> | undefined {
  const total = entrants.reduce((sum, one) => sum + one.weight, 0)
  if (total === 0) return undefined
  const digest = entrantsDigest(entrants)
  const point = new Chance(seed, pickLabel(raffle, draw, digest)).below(total)
  let start = 0
  for (const { viewer, weight } of entrants) {
    if (start + weight > point) return { draw, digest, total, point, winner: viewer, weight, start }
    start += weight
  }
  throw new RangeError(`${point} is beyond ${total}.`)
}

/** Picks several, one after the other: who was picked leaves the list, so nobody is picked twice. Fewer where nobody is left. */
export function pickMany<Viewer extends string | number>(
  seed: string,
  raffle: string | RaffleId,
  entrants: readonly Entrant<Viewer>[],
  picks: number,
): Pick<Viewer>[] {
  const picked: Pick<Viewer>[] = []
  let left = entrants
  for (let draw = 1; draw <= picks; draw++) {
    const one = pickOne(seed, raffle, draw, left)
    if (one === undefined) break
    picked.push(one)
    left = left.filter(({ viewer }) => viewer !== one.winner)
  }
  return picked
}

/** A part of a hundred, with as many places as tell it: "12 %", "3.5 %", "0.04 %", "under 0.01 %". */
export function chanceInWords(weight: number, total: number): string {
  if (total === 0 || weight === 0) return '0 %'
  if (weight >= total) return '100 %'
  const percent = (weight / total) * 100
  if (percent < 0.01) return 'under 0.01 %'
  if (percent < 1) return `${percent.toFixed(2)} %`
  // What is not certain must not read as if it were.
  return `${(percent < 10 ? percent : Math.min(99.9, percent)).toFixed(1)} %`.replace('.0 %', ' %')
}
