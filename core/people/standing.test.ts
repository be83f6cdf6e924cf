import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { circleStanding, holds, standingName, standingsOf, subscribes } from './standing.ts'

const NOBODY = { followedAt: null, tier: 0, subscribedUntil: null, moderator: false, linked: false, circles: [] }

describe('the standings somebody holds', () => {
  test.each([
    [{}, []],
    [{ followedAt: 5 }, ['follower']],
    [{ tier: 2 }, ['tier2']],
    [{ tier: 2, subscribedUntil: 101 }, ['tier2']],
    [{ tier: 2, subscribedUntil: 100 }, []],
    [{ moderator: true, circles: [7, 9] }, ['moderator', 'circle:7', 'circle:9']],
    [{ linked: true }, ['linked']],
    [{ followedAt: 0, tier: 3, moderator: true, circles: [1] }, ['follower', 'tier3', 'moderator', 'circle:1']],
  ])('%j at 100 are %j', (facts, held) => {
    expect(standingsOf({ ...NOBODY, ...facts }, 100)).toEqual(held)
  })

  test('have one tier at most, whatever somebody is', () => {
    const anybody = fc.record({
      followedAt: fc.option(fc.nat(1000)),
      tier: fc.nat(3),
      subscribedUntil: fc.option(fc.nat(1000)),
      moderator: fc.boolean(),
      linked: fc.boolean(),
      circles: fc.uniqueArray(fc.integer({ min: 1, max: 50 }), { maxLength: 5 }),
    })
    fc.assert(
      fc.property(anybody, fc.nat(1000), (facts, at) => {
        const held = standingsOf(facts, at)
        expect(held.filter((one) => one.startsWith('tier'))).toHaveLength(subscribes(facts, at) ? 1 : 0)
        expect(new Set(held).size).toBe(held.length)
        expect(holds(held, 'subscriber')).toBe(subscribes(facts, at))
        for (const circle of facts.circles) expect(holds(held, circleStanding(circle))).toBe(true)
        expect(holds(held, null)).toBe(true)
      }),
    )
  })

  test('are called by names that people know, circles by their own', () => {
    const circles = [{ id: 7, name: 'Crew' }]
    const names = ['follower', 'tier3', 'subscriber', 'circle:7', 'circle:8'].map((one) => standingName(one, circles))
    expect(names).toEqual(['follower', 'subscriber, tier 3', 'subscriber', 'Crew', 'a removed circle'])
  })
})
