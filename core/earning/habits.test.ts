import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { readSetting } from '../settings/index.ts'
import { allowanceSetting, checkInPays, nextAllowance, streakAfter } from './index.ts'

const CHECK_IN = { amount: 20, streakPlus: 5, streakMost: 12, missedAllowed: false }

describe('checking in', () => {
  test('pays once a show, and more for shows in a row up to a maximum', () => {
    const channel = new TestChannel({ base: 0, checkIn: CHECK_IN })
    expect(channel.say('pia', '!here')).toBe('pia: Check-in opens when the show is on air.')
    const paid = [20, 25, 30, 32, 32].map((expected) => {
      const before = channel.balance('pia')
      const show = channel.startShow()
      channel.say('pia', '!here')
      expect(channel.say('pia', '!here')).toMatch(/You have already checked in to this show/)
      channel.endShow(show)
      channel.now += 86_400
      return [expected, channel.balance('pia') - before]
    })
    for (const [expected, was] of paid) expect(was).toBe(expected)
    expect(channel.habit('pia')).toMatchObject({ streak: 5, bestStreak: 5, checkIns: 5 })
  })

  test.each([
    [{ checkedIn: 0, streak: 0 }, 9, false, 1],
    [{ checkedIn: 8, streak: 4 }, 9, false, 5],
    [{ checkedIn: 7, streak: 4 }, 9, false, 1],
    [{ checkedIn: 7, streak: 4 }, 9, true, 5],
    [{ checkedIn: 6, streak: 4 }, 9, true, 1],
  ])('after %o at show %d, one missed forgiven: %s, the streak is %d', (habit, show, missedAllowed, streak) => {
    expect(streakAfter(habit, show, { ...CHECK_IN, missedAllowed })).toBe(streak)
  })

  test('never pays more than the amount and the most a streak adds', () => {
    fc.assert(
      fc.property(
        fc.nat(1000),
        fc.nat(100),
        fc.nat(500),
        fc.integer({ min: 1, max: 500 }),
        (amount, plus, most, streak) => {
          const pays = checkInPays({ amount, streakPlus: plus, streakMost: most, missedAllowed: true }, streak)
          expect(pays).toBeGreaterThanOrEqual(amount)
          expect(pays).toBeLessThanOrEqual(amount + most)
        },
      ),
    )
  })
})

const at = (text: string): number => Date.parse(text) / 1000

describe('the weekly allowance', () => {
  test.each([
    ['2026-11-23T10:00:00Z', 'Europe/Berlin', 1, 18, '2026-11-23T17:00:00Z'],
    ['2026-11-23T17:00:00Z', 'Europe/Berlin', 1, 18, '2026-11-30T17:00:00Z'],
    // Over the change to summer time: the same hour there, an hour earlier here.
    ['2026-03-23T17:00:00Z', 'Europe/Berlin', 1, 18, '2026-03-30T16:00:00Z'],
    // The hour that the clocks skip, and the one they repeat.
    ['2026-03-28T12:00:00Z', 'Europe/Berlin', 7, 2, '2026-03-29T01:00:00Z'],
    ['2026-10-24T12:00:00Z', 'Europe/Berlin', 7, 2, '2026-10-25T00:00:00Z'],
    ['2026-11-23T10:00:00Z', 'Pacific/Auckland', 2, 0, '2026-11-23T11:00:00Z'],
  ])('after %s in %s, on day %d at %d, is at %s', (after, zone, weekday, hour, expected) => {
    expect(nextAllowance({ weekday, hour }, zone, at(after))).toBe(at(expected))
  })

  test('comes once a week, whatever the zone and the season', () => {
    const zone = fc.constantFrom('Europe/Berlin', 'America/New_York', 'Australia/Lord_Howe', 'UTC', 'Asia/Kathmandu')
    fc.assert(
      fc.property(
        zone,
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 0, max: 23 }),
        fc.nat(86_400 * 400),
        (zone, weekday, hour, on) => {
          const first = nextAllowance({ weekday, hour }, zone, 1_750_000_000 + on)
          const second = nextAllowance({ weekday, hour }, zone, first)
          expect(Math.abs(second - first - 7 * 86_400)).toBeLessThanOrEqual(2 * 3600)
        },
      ),
    )
  })

  test('is paid once to who holds a standing it is for, however often it is tried and however late', () => {
    const channel = new TestChannel({ base: 0 })
    for (const name of ['pia', 'jo']) channel.arrive(name)
    channel.send({ kind: 'people.keep', viewer: channel.viewer('pia').id, tier: 2 })
    channel.plan({ allowance: { amount: 70, weekday: 1, hour: 0, to: ['subscriber'] } })
    const due = readSetting(channel.world, allowanceSetting).next ?? 0
    channel.now = due + 3 * 7 * 86_400
    const viewers = ['pia', 'jo'].map((name) => channel.viewer(name).id)
    for (let i = 0; i < 2; i++) channel.send({ kind: 'earning.allowance', due, viewers })
    channel.send({ kind: 'earning.allowancePaid', due })
    channel.send({ kind: 'earning.allowance', due, viewers })
    expect([channel.balance('pia'), channel.balance('jo')]).toEqual([70, 0])
    expect(readSetting(channel.world, allowanceSetting).next).toBeGreaterThan(channel.now)
  })
})
