import { Chance } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { Amount, Ppm } from '../../schema.ts'
import { crewDigest, type Member } from '../heist/heist.ts'
import type { Strength } from './schema.ts'

const CERTAIN_PPM = 1_000_000

/** The chance of one blow to hit, for so many fighters (rules: boss). */
export const hitChance = ({ ownPpm, bonusPpm, capPpm }: Strength, fighters: number): Ppm =>
  Math.max(ownPpm, Math.min(capPpm, ownPpm + bonusPpm * (fighters - 1)))

/** How many hits it takes: a part of all blows, rounded up. */
export const neededHits = ({ blows, needPpm }: Strength, fighters: number): number =>
  Math.ceil((fighters * blows * needPpm) / CERTAIN_PPM)

/** The stream that a fight is drawn from (rules: boss). @param seed - 32 bytes in hex. */
export const bossChance = (
  seed: string,
  boss: string | number,
  fighters: readonly Pick<Member, 'viewer' | 'stake'>[],
): Chance => new Chance(seed, `boss/${boss}/${crewDigest(fighters)}`)

/** One blow of every fighter in the order of joining: who hits. */
export const strike = (chance: Chance, hitPpm: Ppm, fighters: number): boolean[] =>
  Array.from({ length: fighters }, () => chance.below(CERTAIN_PPM) < hitPpm)

export interface Fight<V extends string | number> {
  readonly needed: number
  readonly hits: number
  /** Who made the hit by which it fell; null: it stands. */
  readonly lastBlow: V | null
  readonly fighters: readonly { readonly viewer: V; readonly hits: number; readonly paid: Amount }[]
}

/** Fights to the end: all blows are drawn, also after the boss has fallen (rules: boss). */
export function fight<V extends string | number>(
  chance: Chance,
  strength: Strength,
  fighters: readonly { readonly viewer: V; readonly stake: Amount }[],
): Fight<V> {
  const n = fighters.length
  const [hitPpm, needed] = [hitChance(strength, n), neededHits(strength, n)]
  const own = fighters.map(() => 0)
  let hits = 0
  let lastBlow: V | null = null
  for (let blow = 0; blow < strength.blows; blow++)
    for (const [i, hit] of strike(chance, hitPpm, n).entries()) {
      if (!hit) continue
      hits++
      own[i] = (own[i] ?? 0) + 1
      if (hits === needed) lastBlow = fighters[i]?.viewer ?? null
    }
  const paid = fighters.map(({ viewer, stake }) => paidFor(strength, stake, hits >= needed, viewer === lastBlow))
  return {
    needed,
    hits,
    lastBlow,
    fighters: fighters.map(({ viewer }, i) => ({ viewer, hits: own[i] ?? 0, paid: paid[i] ?? 0 })),
  }
}

/** What a fighter gets. @param last - Whether theirs was the last blow. */
export const paidFor = (strength: Strength, stake: Amount, won: boolean, last: boolean): Amount =>
  won ? mulDiv(stake, strength.multiplier, 100) + (last ? strength.lastBlowBonus : 0) : 0

/** ln(n!) by Stirling's series; exact sums for small n. */
function lnFactorial(n: number): number {
  if (n < 64) {
    let sum = 0
    for (let i = 2; i <= n; i++) sum += Math.log(i)
    return sum
  }
  const x = n + 1
  const inverse = 1 / (x * x)
  const series = (1 / 12 - inverse * (1 / 360 - inverse * (1 / 1260 - inverse / 1680))) / x
  return (x - 0.5) * Math.log(x) - x + 0.5 * Math.log(2 * Math.PI) + series
}

/**
 * How likely so many fighters win: sum over k >= needed of C(N, k) q^k (1 - q)^(N - k), N = all blows (rules: boss). To 1e-9:
 * terms from the largest one outwards, until they add nothing.
 */
export function winChance(strength: Strength, fighters: number): number {
  const all = fighters * strength.blows
  const needed = neededHits(strength, fighters)
  const q = Math.min(CERTAIN_PPM, hitChance(strength, fighters)) / CERTAIN_PPM
  if (needed <= 0 || q >= 1) return needed <= all ? 1 : 0
  if (needed > all || q <= 0) return 0
  const begin = Math.min(all, Math.max(needed, Math.floor((all + 1) * q)))
  const ln = lnFactorial(all) - lnFactorial(begin) - lnFactorial(all - begin)
  const first = Math.exp(ln + begin * Math.log(q) + (all - begin) * Math.log1p(-q))
  const odds = q / (1 - q)
  let sum = first
  for (let k = begin, term = first; k < all && term > 0; k++) {
    term *= ((all - k) / (k + 1)) * odds
    sum += term
    if (term < sum * 1e-17) break
  }
  for (let k = begin, term = first; k > needed && term > 0; k--) {
    term *= k / (all - k + 1) / odds
    sum += term
    if (term < sum * 1e-17) break
  }
  return Math.min(1, sum)
}

/** What comes back of a stake on average: the chance x multiplier / 100, and one fighter's part of the bonus. */
export const bossReturn = (strength: Strength, fighters: number, stake: Amount): number =>
  winChance(strength, fighters) *
  (strength.multiplier / 100 + (stake === 0 ? 0 : strength.lastBlowBonus / (fighters * stake)))
