import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { chanceInWords, type Entrant, pickMany, pickOne } from './draw.ts'
import { stripOf } from './strip.ts'

const SEED = '5a'.repeat(32)
const weights = fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 40 })
const list = (all: readonly number[]): Entrant[] => all.map((weight, i) => ({ viewer: i + 1, weight }))
const seeds = fc.uint8Array({ minLength: 32, maxLength: 32 }).map((bytes) => Buffer.from(bytes).toString('hex'))

describe('a draw', () => {
  test('picks whose slice the point is in, each once, and all in the end', () => {
    const property = fc.property(weights, seeds, (all, seed) => {
      const entrants = list(all)
      const picks = pickMany(seed, 7, entrants, all.length + 3)
      expect(new Set(picks.map(({ winner }) => winner)).size).toBe(all.length)
      let total = all.reduce((sum, one) => sum + one, 0)
      for (const pick of picks) {
        expect(pick.total).toBe(total)
        expect(pick.point).toBeGreaterThanOrEqual(pick.start)
        expect(pick.point).toBeLessThan(pick.start + pick.weight)
        total -= pick.weight
      }
    })
    fc.assert(property, { numRuns: 200 })
  })

  test('comes out differently once the list, its order or a weight is another one', () => {
    const digest = (entrants: readonly Entrant[]) => pickOne(SEED, 7, 1, entrants)?.digest
    const plain = list([100, 200, 100])
    const others = [list([100, 200, 101]), [...plain].reverse(), plain.slice(1), list([100, 200, 100, 100])]
    expect(new Set([digest(plain), ...others.map(digest)]).size).toBe(5)
  })

  test('gives everybody what their weight says, by a test of chi-square', () => {
    const entrants = list([100, 150, 300, 450])
    const wins = [0, 0, 0, 0]
    const draws = 20_000
    for (let raffle = 1; raffle <= draws; raffle++) {
      const winner = pickOne(SEED, raffle, 1, entrants)?.winner ?? 0
      wins[winner - 1] = (wins[winner - 1] ?? 0) + 1
    }
    const squares = entrants.map(({ weight }, i) => {
      const expected = (draws * weight) / 1000
      return ((wins[i] ?? 0) - expected) ** 2 / expected
    })
    // 3 degrees of freedom, one in a thousand. The seed is fixed, so this either holds or does not.
    expect(squares.reduce((sum, one) => sum + one, 0)).toBeLessThan(16.27)
  })

  test('of nobody there is none', () => {
    expect(pickOne(SEED, 7, 1, [])).toBeUndefined()
    expect(pickMany(SEED, 7, list([5]), 3)).toHaveLength(1)
  })
})

describe('the odds bar', () => {
  test('is as wide as everybody together, and each mark lies in the slice of its winner', () => {
    const many = fc.array(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 700 })
    const property = fc.property(many, seeds, fc.integer({ min: 1, max: 5 }), (all, seed, wanted) => {
      const entrants = list(all).map((one) => ({ ...one, name: `n${one.viewer}` }))
      const picks = pickMany(seed, 3, entrants, wanted)
      const strip = stripOf(entrants, picks)
      expect(strip.total).toBe(all.reduce((sum, one) => sum + one, 0))
      expect(strip.slices.reduce((sum, [weight]) => sum + weight, 0)).toBe(strip.total)
      expect(strip.slices.length).toBeLessThanOrEqual(2 * 240 + 2 * wanted + 2)
      expect(strip.picks.map(({ draw }) => draw)).toEqual(picks.map(({ draw }) => draw))
      for (const { mark, name } of strip.picks) {
        let start = 0
        const slice = strip.slices.find(([weight]) => {
          start += weight
          return start > mark
        })
        expect(slice?.[1]).toBe(name)
      }
      // The first stops on the very point that was drawn.
      expect(strip.picks[0]?.mark).toBe(picks[0]?.point)
    })
    fc.assert(property, { numRuns: 100 })
  })
})

test('a chance in words never sounds surer than it is', () => {
  expect(chanceInWords(1, 3)).toBe('33.3 %')
  expect(chanceInWords(1, 4)).toBe('25 %')
  expect(chanceInWords(9999, 10_000)).toBe('99.9 %')
  expect(chanceInWords(1, 1)).toBe('100 %')
  expect(chanceInWords(1, 500)).toBe('0.20 %')
  expect(chanceInWords(1, 100_000)).toBe('under 0.01 %')
  expect(chanceInWords(0, 10)).toBe('0 %')
})
