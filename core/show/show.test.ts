import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { latestShow, SAME_SHOW_SECONDS, shows } from './index.ts'

const act = fc.oneof(
  fc.record({ kind: fc.constant('start' as const), resume: fc.boolean() }),
  fc.constant({ kind: 'end' as const }),
  fc.constant({ kind: 'settle' as const }),
  fc.record({ kind: fc.constant('guest' as const), paused: fc.boolean(), back: fc.boolean() }),
  fc.record({ kind: fc.constant('wait' as const), seconds: fc.integer({ min: 1, max: 2000 }) }),
)

describe('shows', () => {
  test('are one at a time, numbered without a gap, and go on only within minutes of their end', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 40 }), (acts) => {
        const channel = new TestChannel({ intervalSeconds: 60 })
        for (const step of acts) {
          const last = latestShow(channel.world)
          if (step.kind === 'wait') channel.now += step.seconds
          if (step.kind === 'end') channel.send({ kind: 'show.end' })
          if (step.kind === 'settle' && last) channel.send({ kind: 'show.settled', show: last.id })
          if (step.kind === 'guest')
            channel.send({
              kind: 'show.guest',
              guest: step.back ? null : 'Somebody',
              earning: step.paused ? 'paused' : 'going',
            })
          if (step.kind === 'start') {
            const started = channel.send({ kind: 'show.start', title: 'Test', resume: step.resume })
            if (started.ok && started.value.resumed) {
              expect(last?.status).toBe('ended')
              expect(channel.now - (last?.endedAt ?? 0)).toBeLessThanOrEqual(SAME_SHOW_SECONDS)
            }
          }
          const all = channel.world.all(shows)
          expect(all.filter(({ status }) => status !== 'ended').length).toBeLessThanOrEqual(1)
          expect(all.map(({ number }) => number).sort((a, b) => a - b)).toEqual(all.map((_, i) => i + 1))
          for (const { startedAt, countsFrom, endedAt } of all) {
            expect(countsFrom).toBeGreaterThanOrEqual(startedAt)
            if (endedAt !== null) expect(endedAt).toBeGreaterThanOrEqual(countsFrom)
          }
        }
      }),
      { numRuns: 60 },
    )
  })

  test('never pay more than the time that somebody was there and it counted', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 30 }), (acts) => {
        const channel = new TestChannel({ intervalSeconds: 60 })
        channel.arrive('pia')
        const begin = channel.now
        for (const step of acts) {
          const last = latestShow(channel.world)
          if (step.kind === 'wait') channel.now += step.seconds
          if (step.kind === 'start') channel.send({ kind: 'show.start', title: 'Test', resume: step.resume })
          if (step.kind === 'end' && last?.status === 'on') channel.endShow(last.id)
          if (step.kind === 'guest' && last) {
            channel.pay(last.id)
            channel.send({
              kind: 'show.guest',
              guest: step.back ? null : 'S',
              earning: step.paused ? 'paused' : 'going',
            })
          }
        }
        const last = latestShow(channel.world)
        if (last?.status === 'on') channel.endShow(last.id)
        const { watchedSeconds, carrySeconds } = channel.watch('pia')
        expect(watchedSeconds).toBeLessThanOrEqual(channel.now - begin)
        expect(channel.balance('pia')).toBe(10 * Math.floor(watchedSeconds / 60))
        expect(carrySeconds).toBe(watchedSeconds % 60)
      }),
      { numRuns: 60 },
    )
  })

  test('that are somebody else’s say so, and need a show on air', () => {
    const channel = new TestChannel()
    const guest = { kind: 'show.guest', guest: 'The other bench', earning: 'going' } as const
    expect(channel.send(guest)).toMatchObject({ refusal: { code: 'not_on_air' } })
    channel.startShow()
    expect(channel.send(guest)).toMatchObject({ value: { paused: false } })
    expect(latestShow(channel.world)).toMatchObject({ guest: 'The other bench', pausedAt: null })
    expect(channel.facts('show.guest').at(-1)?.body).toMatchObject({ guest: 'The other bench', paused: false })
  })
})
