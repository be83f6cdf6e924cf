import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { firstFault } from '../faults.ts'
import { bracketFor, decideMatch, drawOrder, finalOf, nextMatch, playMatch } from './cup/bracket.ts'
import { outcomesOf, returnsOf, settingsFaults } from './declared.ts'
import { player, quickRandom, tryEvenings } from './evening.ts'
import { fraction, roundedTo } from './fraction.ts'
import { crewsOf } from './heist/crews.ts'
import { heistOdds } from './heist/heist.ts'
import { SITES } from './heist/sites.ts'
import { averageOf, PLAIN_WAY } from './odds.ts'
import { machineOdds } from './reels/reels.ts'
import { tunedTo } from './reels/tuned.ts'
import { effectInWords, expectedChange, paysTooMuch, returnsInWords, returnWarning } from './returns.ts'
import { settingsOf } from './settings.ts'
import { listed, sampleText, textFault } from './tell.ts'
import { GAME_TEXTS, type GameTextKey } from './texts.ts'

const { world } = new TestChannel()
const heist = settingsOf(world, 'heist')
const reels = settingsOf(world, 'reels')
const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

describe('what ships', () => {
  test('every plan at every site returns 92 % to 99 %, whatever the crew', () => {
    for (const [i, site] of SITES.entries())
      for (let crew = site.fromCrew; crew <= 300; crew++)
        for (const [room, { returns }] of heistOdds(site, crew).entries()) {
          const ppm = roundedTo(1_000_000, returns)
          expect([i, crew, room, ppm >= 920_000 && ppm <= 990_000]).toEqual([i, crew, room, true])
        }
  })

  test('no game pays out more than it takes, and none needs a warning', () => {
    for (const game of ['heist', 'duel', 'roulette', 'reels', 'coin'] as const) {
      const returns = returnsOf(game, settingsOf(world, game))
      expect([game, returns && paysTooMuch(returns), returns && returnWarning(returns)]).toEqual([
        game,
        false,
        undefined,
      ])
      expect(settingsFaults(game, settingsOf(world, game))).toEqual({})
    }
  })

  test('every text can be filled in with its own fields', () => {
    for (const [key, { ours }] of Object.entries(GAME_TEXTS)) {
      expect(textFault(key as GameTextKey, ours)).toBeUndefined()
      for (const text of ours) expect(sampleText(key as GameTextKey, text)).not.toMatch(/\{\{|undefined|The text/)
    }
    expect(textFault('coin.won', ['{{ winner.name }}'])).toContain('There is no field "winner.name"')
    expect(listed(Array.from({ length: 11 }, (_, i) => `n${i}`))).toMatch(/^n0, .*n7 and 3 more$/)
  })
})

describe('returns', () => {
  test('bound those of every crew: looking at the ends of a site is enough', () => {
    const { least, most } = returnsOf('heist', heist) ?? { least: fraction(0n, 1n), most: fraction(0n, 1n) }
    for (const [i, site] of heist.sites.entries()) {
      const crews = crewsOf(heist, i)
      for (let crew = crews[0] ?? 1; crew <= Math.min(60, crews.at(-1) ?? 1); crew++)
        for (const { returns } of heistOdds(site, crew)) {
          expect(returns.top * least.bottom >= least.top * returns.bottom).toBe(true)
          expect(returns.top * most.bottom <= most.top * returns.bottom).toBe(true)
        }
    }
  })

  test('are what the outcomes of a play come to on average, for every game', () => {
    for (const game of ['duel', 'roulette', 'reels', 'coin'] as const)
      expect(averageOf(outcomesOf(game, settingsOf(world, game)))).toEqual(
        returnsOf(game, settingsOf(world, game))?.most,
      )
    const odds = heistOdds(SITES[1] as (typeof SITES)[number], 6)
    for (const [i, { returns }] of odds.entries())
      expect(averageOf(outcomesOf('heist', heist, { ...PLAIN_WAY, crew: 6, leaveAfter: i + 1 }))).toEqual(returns)
  })

  test('are said with what they do to the economy, and warned of at both ends', () => {
    const at = (top: bigint) => ({ least: fraction(top, 100n), most: fraction(top, 100n) })
    expect(effectInWords(at(95n), 380_000, 10, CURRENCY)).toContain('lose about 1,900 rivets a show')
    expect(effectInWords(at(105n), 380_000, 10, CURRENCY)).toContain('win about 1,900 rivets a show')
    expect(expectedChange(at(95n), 380_000, 10)).toBe(-1900)
    expect(effectInWords(at(100n), 380_000, 10, CURRENCY)).toContain('as much as they lose')
    expect(effectInWords(at(95n), 0, 10, CURRENCY)).toContain('Nothing was staked')
    expect(returnWarning(at(101n))).toContain('more than is staked')
    expect(returnWarning(at(79n))).toContain('lose quickly')
    expect(returnsInWords({ least: fraction(92n, 100n), most: fraction(99n, 100n) })).toBe('92.0 % to 99.0 %')
  })

  test('of reels can be brought to what is wanted, in whole tenths and never above it', () => {
    const target = fc.integer({ min: 700_000, max: 1_000_000 })
    const scale = fc.integer({ min: 20, max: 400 })
    fc.assert(
      fc.property(target, scale, (wanted, percent) => {
        const table = reels.table.map((line) => ({ ...line, multiplier: Math.ceil((line.multiplier * percent) / 100) }))
        const tuned = tunedTo({ strip: reels.strip, table }, wanted)
        const ppm = roundedTo(1_000_000, machineOdds(tuned).returns)
        expect(ppm).toBeLessThanOrEqual(wanted + 1)
        expect(ppm).toBeGreaterThan(wanted - 4000)
        for (const { multiplier } of tuned.table) expect(multiplier % 10).toBe(0)
      }),
      { numRuns: 60 },
    )
  })
})

describe('an evening', () => {
  test('spreads as its outcomes say: the mean within four standard errors', () => {
    for (const game of ['heist', 'duel', 'roulette', 'reels', 'coin'] as const) {
      const outcomes = outcomesOf(game, settingsOf(world, game))
      const [play, random, n] = [player(outcomes), quickRandom(7), 40_000]
      let [sum, squares] = [0, 0]
      for (let i = 0; i < n; i++) {
        const paid = play(random())
        sum += paid
        squares += paid * paid
      }
      const mean = sum / n
      const error = Math.sqrt((squares / n - mean * mean) / n)
      const expected = roundedTo(100_000_000, averageOf(outcomes)) / 1_000_000
      expect(Math.abs(mean - expected)).toBeLessThan(4 * error)
    }
  })

  test('ends when less than the stake is left', () => {
    const lost = [{ chance: fraction(1n, 1n), pays: 0 }]
    const spread = tryEvenings({ outcomes: lost, balance: 100, stake: 30, plays: 10, evenings: 20 }, quickRandom(1))
    expect(spread).toMatchObject({ broke: 20, evenings: 20, brokeAfter: 3 })
    expect(spread.bands[2]).toEqual([100, 70, 40, 10, 10, 10, 10, 10, 10, 10, 10])
  })
})

describe('a bracket', () => {
  const seed = fc.uint8Array({ minLength: 32, maxLength: 32 }).map((bytes) => Buffer.from(bytes).toString('hex'))

  test('plays everyone down to one, each loses once, and byes go to the first drawn', () => {
    fc.assert(
      fc.property(seed, fc.integer({ min: 3, max: 64 }), fc.constantFrom(1, 3), (key, count, bestOf) => {
        const ids = Array.from({ length: count }, (_, i) => i + 10)
        const order = drawOrder(key, 5, ids)
        expect([...order].sort((a, b) => a - b)).toEqual(ids)
        let matches = bracketFor(order)
        const byes = matches.filter(({ how }) => how === 'bye').map(({ winner }) => winner)
        expect(new Set(byes)).toEqual(new Set(order.slice(0, byes.length)))
        const lost: number[] = []
        for (let match = nextMatch(matches); match !== undefined; match = nextMatch(matches)) {
          const games = playMatch(key, 5, match, bestOf)
          const winner = games.at(-1) ?? 0
          lost.push((match.a === winner ? match.b : match.a) ?? 0)
          matches = decideMatch(matches, match.id, winner, 'played', games)
        }
        expect(new Set([...lost, finalOf(matches)?.winner])).toEqual(new Set(ids))
        expect(lost).toHaveLength(count - 1)
      }),
      { numRuns: 80 },
    )
  })
})

describe('a game cannot be set', () => {
  const site = SITES[0] as (typeof SITES)[number]
  test.each([
    ['heist', { ...heist, sites: [site, { ...site, name: 'x' }] }, 'Two sites begin with the same crew'],
    ['heist', { ...heist, mostCrew: 1, leastCrew: 2 }, 'The largest crew is below the smallest'],
    ['heist', { ...heist, stakes: { smallest: 50, largest: 20, share: 50 } }, 'The largest stake is below'],
    ['reels', { ...reels, strip: [...reels.strip, { symbol: 'drop', weight: 1 }] }, 'drop is on the strip twice'],
    ['reels', { ...reels, table: [{ match: 'two', symbol: 'owl', multiplier: 10 }] }, 'owl, which is not on the strip'],
  ] as const)('%s', (game, settings, part) => {
    expect(firstFault(settingsFaults(game, settings as never))).toContain(part)
  })
})
