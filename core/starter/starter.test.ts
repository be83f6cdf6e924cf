import fc from 'fast-check'
import { expect, test } from 'vitest'
import { paysTooMuch, returnsOf } from '../games/index.ts'
import { hourlyOf } from './compose.ts'
import { type Audience, LOOKS, starterFor, USUAL } from './index.ts'
import { roundPrice } from './rewards.ts'

const CURRENCY = { one: 'acorn', many: 'acorns', word: 'acorns' }
const PAGE = 'https://shows.example/c/roof-garden'
const audience: fc.Arbitrary<Audience> = fc.record({
  people: fc.integer({ min: 1, max: 100_000 }),
  shows: fc.integer({ min: 1, max: 14 }),
  hours: fc.integer({ min: 1, max: 24 }),
  look: fc.constantFrom(...LOOKS),
})

test('whatever the audience, something is within ten minutes of watching, prices rise with what is offered, and every key is one', () => {
  fc.assert(
    fc.property(audience, (one) => {
      const pieces = starterFor(one, CURRENCY, PAGE)
      expect(new Set(pieces.map(({ key }) => key)).size).toBe(pieces.length)
      const plan = pieces.flatMap(({ made }) => (made.of === 'earning' ? [made.plan] : []))[0]
      const prices = pieces.flatMap(({ made }) => (made.of === 'reward' ? [made.settings.price] : []))
      expect(prices).toHaveLength(10)
      expect(Math.min(...prices)).toBeLessThanOrEqual(Math.ceil((plan === undefined ? 0 : hourlyOf(plan)) / 5))
      expect([...prices].sort((a, b) => a - b)).toEqual(prices)
    }),
  )
})

test('ranks rise, the first is reached within an evening, and all of it is what the schemas take', () => {
  fc.assert(
    fc.property(audience, (one) => {
      for (const { made } of starterFor(one, CURRENCY, PAGE)) {
        if (made.of === 'ranks') {
          const from = made.plan.ranks.map((rank) => rank.from)
          expect(from[0]).toBe(60)
          expect([...from].sort((a, b) => a - b)).toEqual(from)
        }
        if (made.of === 'reward')
          expect([made.settings.word, /^[a-z0-9_-]{1,30}$/.test(made.settings.word)]).toEqual([
            made.settings.word,
            true,
          ])
        if (made.of === 'game') {
          const returns = returnsOf(made.game, made.settings as never)
          expect(returns !== undefined && paysTooMuch(returns)).toBe(false)
        }
      }
    }),
  )
})

test('nothing of it is of another channel’s world, and the address is the channel’s own', () => {
  const all = JSON.stringify(starterFor(USUAL, CURRENCY, PAGE))
  for (const word of ['rivet', 'lamp of', 'bench', 'workshop']) expect(all.toLowerCase()).not.toContain(word)
  expect(all).toContain(PAGE)
  expect(all).toContain('acorns')
})

test.each([
  [1, 1],
  [9, 9],
  [26, 26],
  [126, 130],
  [1249, 1200],
  [98_765, 99_000],
])('%d is priced %d', (exact, price) => expect(roundPrice(exact)).toBe(price))
