import fc from 'fast-check'
import { expect, test } from 'vitest'
import { mostNow, type OwnBet, termsInWords, withStakes } from './bets.ts'

const bet = (patch: object = {}) =>
  ({
    id: 1,
    lanes: [
      { name: 'Yes', word: 'yes', people: 1, staked: 10 },
      { name: 'No', word: 'no', people: 0, staked: 0 },
    ],
    backers: 1,
    stakes: { smallest: 10, largest: 0, share: 100 },
    own: { staked: [10, 0], back: 0, won: 0, why: null },
    several: false,
    rakeBp: 250,
    takeBack: false,
    lateSeconds: 10,
    pauseSeconds: 20,
    ...patch,
  }) as unknown as OwnBet

test('what one can stake is never more than one has, nor than the terms allow', () => {
  const property = fc.property(
    fc.nat(10_000),
    fc.nat(5000),
    fc.integer({ min: 1, max: 100 }),
    fc.nat(3000),
    (balance, has, share, largest) => {
      const own = { staked: [has, 0], back: 0, won: 0, why: null }
      const most = mostNow(bet({ own, stakes: { smallest: 1, largest, share } }), balance)
      expect(most).toBeGreaterThanOrEqual(0)
      expect(most).toBeLessThanOrEqual(balance)
      expect(has + most).toBeLessThanOrEqual(Math.max(has, Math.floor(((balance + has) * share) / 100)))
      if (largest > 0) expect(has + most).toBeLessThanOrEqual(Math.max(has, largest))
    },
  )
  fc.assert(property, { numRuns: 300 })
})

test('a count changes the bet it is of alone, and says what the house keeps', () => {
  const view = { running: [bet(), bet({ id: 2 })], ended: [] } as never
  const next = withStakes(view, { bet: 1, people: [2, 1], staked: [30, 5], backers: 3 })
  expect(next.running.map(({ lanes, backers }) => [lanes.map(({ staked }) => staked), backers])).toEqual([
    [[30, 5], 3],
    [[10, 0], 1],
  ])
  expect(termsInWords(bet()).join(' ')).toContain('the house keeps 2.5 % of them')
})
