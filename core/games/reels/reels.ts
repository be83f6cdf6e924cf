import { Chance } from '../../fairness/index.ts'
import { mulDiv } from '../../ledger/index.ts'
import type { Amount } from '../../schema.ts'
import { type Fraction, fraction } from '../fraction.ts'
import type { Machine, PayLine, StripSymbol } from './schema.ts'

export const REELS = 3

const NEEDED = { three: 3, two: 2 } as const

/** What a machine pays on average and how often, exact. */
export interface MachineOdds {
  readonly returns: Fraction
  readonly hits: Fraction
  /** How often each line of the table is the one that pays. */
  readonly lines: readonly Fraction[]
}

const totalOf = (strip: readonly StripSymbol[]): number => strip.reduce((sum, { weight }) => sum + weight, 0)

/** The three symbols that a spin shows, left to right (rules: slots). @param seed - 32 bytes in hex. */
export function spinReels(seed: string, spin: string | number, { strip }: Machine): string[] {
  const chance = new Chance(seed, `slots/${spin}`)
  const total = totalOf(strip)
  return Array.from({ length: REELS }, () => symbolAt(strip, chance.below(total)))
}

function symbolAt(strip: readonly StripSymbol[], point: number): string {
  let sum = 0
  for (const { symbol, weight } of strip) {
    sum += weight
    if (point < sum) return symbol
  }
  throw new RangeError(`${point} is beyond the strip.`)
}

/** Which line of the pay table a spin meets, the first being 0; -1: none. */
export const lineMet = (table: readonly PayLine[], shown: readonly string[]): number =>
  table.findIndex(({ match, symbol }) => shown.filter((one) => one === symbol).length >= NEEDED[match])

/** What a spin gives back. */
export function spinPays(machine: Machine, stake: Amount, shown: readonly string[]): number {
  const line = machine.table[lineMet(machine.table, shown)]
  return line === undefined ? 0 : mulDiv(stake, line.multiplier, 100)
}

/** What a machine pays on average and how often, summed over every spin there is (rules: slots). */
export function machineOdds({ strip, table }: Machine): MachineOdds {
  const counts = table.map(() => 0n)
  for (const a of strip)
    for (const b of strip)
      for (const c of strip) {
        const line = lineMet(table, [a.symbol, b.symbol, c.symbol])
        const ways = BigInt(a.weight) * BigInt(b.weight) * BigInt(c.weight)
        if (line >= 0) counts[line] = (counts[line] ?? 0n) + ways
      }
  const all = BigInt(totalOf(strip)) ** BigInt(REELS)
  const paid = counts.reduce((sum, count, i) => sum + count * BigInt(table[i]?.multiplier ?? 0), 0n)
  return {
    returns: fraction(paid, all * 100n),
    hits: fraction(
      counts.reduce((sum, count) => sum + count, 0n),
      all,
    ),
    lines: counts.map((count) => fraction(count, all)),
  }
}
