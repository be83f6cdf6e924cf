import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { type Backer, paidTo, paymentOf, stakedIn, wouldBring } from './settle.ts'

const laid = fc.record({
  outcome: fc.nat(3),
  amount: fc.oneof(fc.integer({ min: 1, max: 50 }), fc.constantFrom(1, 1_000_000_000_000_000)),
  at: fc.integer({ min: 0, max: 10 }),
})
const crowd = fc
  .array(fc.array(laid, { minLength: 1, maxLength: 2 }), { maxLength: 4 })
  .map((all) => all.map((one, i): Backer => ({ nr: i + 1, laid: one })))
const terms = fc.record({
  rakeBp: fc.integer({ min: 0, max: 5000 }),
  knownFrom: fc.option(fc.integer({ min: 0, max: 11 })),
})

describe('what a bet pays', () => {
  test('is the pot exactly: paid, refunded and rake, however large one side and small the other', () => {
    const property = fc.property(crowd, fc.option(fc.nat(3)), terms, (backers, winning, rules) => {
      const payment = paymentOf(backers, winning, rules)
      const paid = backers.map((one) => paidTo(one, payment))
      const pot = backers.reduce((sum, one) => sum + BigInt(stakedIn(one.laid)), 0n)
      const out = paid.reduce((sum, { back, won }) => sum + BigInt(back) + BigInt(won), BigInt(payment.rake))
      expect(out).toBe(pot)
    })
    fc.assert(property, { numRuns: 500 })
  })

  test('never leaves a winner with less than was staked, and never two of one stake more than a unit apart', () => {
    const property = fc.property(crowd, fc.nat(3), terms, (backers, winning, rules) => {
      const payment = paymentOf(backers, winning, rules)
      for (const one of backers) {
        const { back, won } = paidTo(one, payment)
        const counted = one.laid.filter(({ at }) => rules.knownFrom === null || at < rules.knownFrom)
        const own = stakedIn(counted.filter(({ outcome }) => outcome === winning))
        if (payment.winning === null) expect(back).toBe(stakedIn(one.laid))
        else expect(won).toBeGreaterThanOrEqual(own)
        for (const other of backers) {
          const same = stakedIn(
            other.laid.filter(
              ({ at, outcome }) => outcome === winning && (rules.knownFrom === null || at < rules.knownFrom),
            ),
          )
          if (same === own) expect(Math.abs(paidTo(other, payment).won - won)).toBeLessThanOrEqual(1)
        }
      }
    })
    fc.assert(property, { numRuns: 300 })
  })

  test('is as if late bets had never been laid', () => {
    const backers: Backer[] = [
      { nr: 1, laid: [{ outcome: 0, amount: 100, at: 5 }] },
      { nr: 2, laid: [{ outcome: 1, amount: 60, at: 5 }] },
      {
        nr: 3,
        laid: [
          { outcome: 0, amount: 10, at: 6 },
          { outcome: 0, amount: 900, at: 20 },
        ],
      },
    ]
    const payment = paymentOf(backers, 0, { rakeBp: 1000, knownFrom: 15 })
    expect(payment).toMatchObject({ winningStakes: 110, prize: 54, rake: 6, late: 900, winners: 2 })
    expect(backers.map((one) => paidTo(one, payment))).toEqual([
      { back: 0, won: 149 },
      { back: 0, won: 0 },
      { back: 900, won: 15 },
    ])
  })

  test('is every stake where only late bets are on what came true', () => {
    const backers: Backer[] = [
      { nr: 1, laid: [{ outcome: 1, amount: 40, at: 1 }] },
      { nr: 2, laid: [{ outcome: 0, amount: 7, at: 9 }] },
    ]
    const payment = paymentOf(backers, 0, { rakeBp: 5000, knownFrom: 9 })
    expect(backers.map((one) => paidTo(one, payment))).toEqual([
      { back: 40, won: 0 },
      { back: 7, won: 0 },
    ])
    expect([payment.rake, payment.late]).toEqual([0, 7])
  })
})

test('what more would bring is what it then brings', () => {
  const property = fc.property(
    fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 2, maxLength: 5 }),
    fc.integer({ min: 1, max: 500 }),
    fc.integer({ min: 0, max: 5000 }),
    (staked, more, rakeBp) => {
      const backers: Backer[] = [
        { nr: 1, laid: [{ outcome: 0, amount: more, at: 1 }] },
        ...staked.flatMap((amount, i) => (amount === 0 ? [] : [{ nr: i + 2, laid: [{ outcome: i, amount, at: 1 }] }])),
      ]
      const { won } = paidTo(backers[0] as Backer, paymentOf(backers, 0, { rakeBp, knownFrom: null }))
      const told = wouldBring(staked, 0, more, rakeBp)
      // It may be the unit of a fraction more, never less.
      expect([0, 1]).toContain(won - told)
    },
  )
  fc.assert(property, { numRuns: 300 })
})
