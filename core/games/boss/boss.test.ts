import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import type { TestChannel } from '../../../testing/core/channel.ts'
import { evening, later, PLAYERS, potsOf, roundsOf, toldOf } from '../../../testing/core/evening.ts'
import { agrees, gameSetting, recompute, returnsInWords, returnsOf, settingsOf, sizesOf } from '../index.ts'
import { bossReturn, winChance } from './boss.ts'
import type { Strength } from './schema.ts'

const BOILER: Strength = {
  ownPpm: 400_000,
  bonusPpm: 10_000,
  capPpm: 600_000,
  blows: 3,
  needPpm: 450_000,
  multiplier: 180,
  lastBlowBonus: 0,
}

/** The same sum with whole numbers: exact, and slow. */
function exactly({ ownPpm, bonusPpm, capPpm, blows, needPpm }: Strength, fighters: number): number {
  const q = BigInt(Math.max(ownPpm, Math.min(capPpm, ownPpm + bonusPpm * (fighters - 1))))
  const all = fighters * blows
  const needed = Math.ceil((fighters * blows * needPpm) / 1_000_000)
  let [choose, sum] = [1n, 0n]
  for (let k = 0; k <= all; k++) {
    if (k >= needed) sum += choose * q ** BigInt(k) * (1_000_000n - q) ** BigInt(all - k)
    choose = (choose * BigInt(all - k)) / BigInt(k + 1)
  }
  return Number((sum * 10n ** 15n) / 1_000_000n ** BigInt(all)) / 1e15
}

test('the chance to win is exact to 1e-9 for every size of a crew and any strength', () => {
  const property = fc.property(
    fc.integer({ min: 1, max: 40 }),
    fc.integer({ min: 1, max: 999_999 }),
    fc.integer({ min: 1, max: 5 }),
    fc.integer({ min: 1, max: 1_000_000 }),
    (fighters, ownPpm, blows, needPpm) => {
      const strength = { ...BOILER, ownPpm, blows, needPpm, bonusPpm: 0 }
      expect(Math.abs(winChance(strength, fighters) - exactly(strength, fighters))).toBeLessThan(1e-9)
    },
  )
  fc.assert(property, { numRuns: 200 })
})

test('the chance stays a chance for ten thousand fighters', () => {
  for (const fighters of [1000, 10_000]) {
    const even = winChance({ ...BOILER, ownPpm: 450_000, bonusPpm: 0 }, fighters)
    expect(even).toBeGreaterThan(0.45)
    expect(even).toBeLessThan(0.55)
  }
  expect(bossReturn({ ...BOILER, lastBlowBonus: 60 }, 6, 10)).toBeCloseTo(winChance(BOILER, 6) * (1.8 + 1), 12)
})

test('as a new channel has it, a fight pays back 90 to 100 % with any number of people, and every small number is looked at', () => {
  const fresh = gameSetting('boss').initial
  const sizes = sizesOf(fresh)
  expect(sizes.slice(0, 100)).toEqual(Array.from({ length: 100 }, (_, i) => fresh.leastCrew + i))
  expect(sizes.at(-1)).toBe(fresh.mostCrew)
  const returns = returnsOf('boss', fresh)
  expect(returns && returnsInWords(returns)).toBe('90.7 % to 99.4 %')
})

describe('a boss fight', () => {
  let channel: TestChannel
  beforeEach(() => {
    channel = evening()
  })

  const fought = () => {
    for (const name of PLAYERS) channel.hear(name, '!boss 50')
    later(channel, 60)
    for (let i = 0; i < 4; i++) later(channel, 5)
    return roundsOf(channel).at(-1)
  }

  test('that is won pays each the multiplier and the last blow its bonus, as its seed says', () => {
    channel.game('boss', { blows: 3, ownPpm: 1_000_000, capPpm: 1_000_000, multiplier: 180, lastBlowBonus: 25 })
    const round = fought()
    expect([round?.status, round?.paid, potsOf(channel), channel.sum()]).toEqual(['settled', 6 * 90 + 25, 0, 0])
    expect(PLAYERS.map((name) => channel.balance(name) - 1000).sort((a, b) => a - b)).toEqual([40, 40, 40, 40, 40, 65])
    if (round !== undefined) expect(recompute(toldOf(channel, round)).filter((one) => !agrees(one))).toEqual([])
  })

  test('that is lost pays nothing, and says how it stands after each blow', () => {
    channel.game('boss', { blows: 3, ownPpm: 1, bonusPpm: 0, capPpm: 1, needPpm: 1_000_000, name: 'The boiler' })
    const before = channel.facts().length
    const round = fought()
    const said = channel.saidSince(before)
    expect(said).toContain('The boiler against 6 of you: 18 of 18 blows must hit. Chance to win: 0 %.')
    expect(said).toContain('0 hit. 18 more and The boiler falls; 2 blows each to go.')
    expect(said.at(-1)).toContain('The boiler stands: 0 hits, and it took 18.')
    expect([round?.status, round?.paid, channel.balance('pia'), potsOf(channel)]).toEqual(['settled', 0, 950, 0])
    expect(settingsOf(channel.world, 'boss').blows).toBe(3)
  })
})
