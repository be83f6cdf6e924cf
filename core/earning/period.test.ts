import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { offAirPeriod, periodsOf, showPeriod, uncountedSeconds } from './period.ts'

const SHOW = {
  id: 1,
  number: 1,
  title: 'Test',
  status: 'on' as const,
  startedAt: 100,
  endedAt: null,
  countsFrom: 100,
  pausedAt: null,
  guest: null,
  paid: 0,
  spent: 0,
  lines: 0,
}

describe('what counts of a show', () => {
  test.each([
    ['all of it while it is on', {}, 50, 400, 300],
    ['from when somebody came', {}, 250, 400, 150],
    ['up to its end', { endedAt: 300 }, 50, 400, 200],
    ['up to a pause', { pausedAt: 180 }, 50, 400, 80],
    ['up to whichever is earlier', { pausedAt: 180, endedAt: 150 }, 50, 400, 50],
    ['from when it went on after a break', { countsFrom: 350 }, 50, 400, 50],
    ['nothing before it began', {}, 10, 90, 0],
  ])('is %s', (_what, patch, countedUntil, until, seconds) => {
    const period = showPeriod({ ...SHOW, ...patch })
    expect(uncountedSeconds({ counting: true, countedUntil }, period, until)).toBe(seconds)
    expect(uncountedSeconds({ counting: false, countedUntil }, period, until)).toBe(0)
  })

  test('is the same in one piece as in two', () => {
    const times = fc.tuple(fc.nat(500), fc.nat(500), fc.nat(500)).map((list) => list.sort((a, b) => a - b))
    fc.assert(
      fc.property(times, fc.option(fc.nat(500)), ([from = 0, middle = 0, to = 0], pausedAt) => {
        const period = showPeriod({ ...SHOW, pausedAt })
        const count = (countedUntil: number, until: number) =>
          uncountedSeconds({ counting: true, countedUntil }, period, until)
        expect(count(from, middle) + count(middle, to)).toBe(count(from, to))
      }),
    )
  })
})

describe('the time off air', () => {
  test('is paid from when it is switched on, before the show that follows it, and not while nothing is paid for it', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    expect(periodsOf(channel.world)).toEqual([])
    channel.plan({ offAir: { intervalSeconds: 60, base: 1 } })
    const since = channel.now
    expect(offAirPeriod(channel.world)).toEqual({ show: null, from: since, to: null, end: null })
    channel.now += 500
    const show = channel.startShow()
    expect(periodsOf(channel.world).map(({ show, from, to }) => [show?.id ?? 0, from, to])).toEqual([
      [0, since, channel.now],
      [show, channel.now, Number.POSITIVE_INFINITY],
    ])
    channel.send({ kind: 'earning.schedule', show })
    expect(periodsOf(channel.world)).toHaveLength(1)
    channel.now += 60
    channel.endShow(show)
    expect(offAirPeriod(channel.world)?.from).toBe(channel.now)
    channel.plan({ offAir: { intervalSeconds: 60, base: 0 } })
    expect(offAirPeriod(channel.world)).toBeUndefined()
  })
})
