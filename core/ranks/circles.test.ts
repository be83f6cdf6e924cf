import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { circlesFor, meetsRules } from './review.ts'

const DAY = 86_400
const NONE = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
const AT = 1000 * DAY
const facts = {
  viewer: { followedAt: AT - 10 * DAY, tier: 1, subscribedSince: AT - 61 * DAY, subscribedUntil: AT + DAY },
  watch: { watchedSeconds: 20 * 3600, attended: 0b1011, attendedShow: 8 },
  latest: 8,
  rankAt: 1,
  at: AT,
}
const place = (rank: number) => [10, 20, 30].indexOf(rank)

describe('the rules of a circle', () => {
  test.each([
    [{ hours: 20 }, true],
    [{ hours: 21 }, false],
    [{ shows: { least: 3, of: 4 } }, true],
    [{ shows: { least: 3, of: 3 } }, false],
    [{ followerDays: 10 }, true],
    [{ followerDays: 11 }, false],
    [{ subscriberMonths: 2 }, true],
    [{ subscriberMonths: 3 }, false],
    [{ rank: 20 }, true],
    [{ rank: 30 }, false],
    [{ rank: 99 }, false],
    [{ hours: 20, followerDays: 11 }, false],
    [{}, false],
  ])('%j: met is %s', (rules, met) => {
    expect(meetsRules({ rules: { ...NONE, ...rules } }, facts, place)).toBe(met)
  })

  test('of a subscription that is over are not met', () => {
    const over = { ...facts, viewer: { ...facts.viewer, subscribedUntil: AT } }
    expect(meetsRules({ rules: { ...NONE, subscriberMonths: 1 } }, over, place)).toBe(false)
  })
})

describe('the circles somebody is in', () => {
  const circle = fc.record({
    keep: fc.boolean(),
    meets: fc.boolean(),
    before: fc.boolean(),
    byHand: fc.constantFrom('in' as const, 'out' as const, null),
  })

  test('are those a hand decided, else those whose rules are met, else those that keep them', () => {
    fc.assert(
      fc.property(fc.array(circle, { maxLength: 8 }), (list) => {
        const all = list.map(({ keep }, i) => ({ id: i + 1, name: `C${i}`, keep, rules: NONE, goneAt: null }))
        const circles = list.flatMap(({ before }, i) => (before ? [i + 1] : []))
        const circlesByHand = Object.fromEntries(
          list.flatMap(({ byHand }, i) => (byHand === null ? [] : [[String(i + 1), byHand] as const])),
        )
        const held = circlesFor(all, { circles, circlesByHand }, ({ id }) => list[id - 1]?.meets === true)
        for (const [i, one] of list.entries()) {
          const expected = one.byHand === null ? one.meets || (one.keep && one.before) : one.byHand === 'in'
          expect(held.includes(i + 1)).toBe(expected)
        }
        // Looked at again, nothing changes: what is announced is announced once.
        expect(circlesFor(all, { circles: held, circlesByHand }, ({ id }) => list[id - 1]?.meets === true)).toEqual(
          held,
        )
      }),
    )
  })
})
