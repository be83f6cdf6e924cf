import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import {
  earningSetting,
  exampleSentence,
  nextTick,
  planWarnings,
  uncountedSeconds,
  watchingFor,
  watchingPays,
} from './index.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }
const PLAN = earningSetting.initial

describe('watch time', () => {
  test('pays the same however often it is settled in between', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 400 }), { maxLength: 30 }), (steps) => {
        const often = new TestChannel()
        const once = new TestChannel()
        const show = often.startShow()
        once.startShow()
        for (const channel of [often, once]) channel.arrive('pia')
        for (const step of steps) {
          often.now += step
          once.now += step
          often.pay(show)
        }
        for (const channel of [often, once]) channel.leave('pia')
        expect(often.balance('pia')).toBe(once.balance('pia'))
        expect(often.watch('pia').carrySeconds).toBe(once.watch('pia').carrySeconds)
      }),
    )
  })

  test('counts from going on air for who was there before, and to the end of the show for who stays', () => {
    const channel = new TestChannel()
    channel.arrive('pia')
    channel.now += 10_000
    const show = channel.startShow()
    channel.now += 130
    channel.send({ kind: 'show.end' })
    channel.now += 5000
    channel.pay(show)
    channel.send({ kind: 'show.settled', show })
    expect(channel.balance('pia')).toBe(20)
    expect(channel.watch('pia')).toMatchObject({ carrySeconds: 10, watchedSeconds: 130, showSeconds: 130 })
  })

  test('carries what does not fill an interval over to the next show', () => {
    const channel = new TestChannel()
    for (const [seconds, expected] of [
      [50, 0],
      [50, 10],
      [30, 20],
    ] as const) {
      const show = channel.startShow()
      channel.arrive('pia')
      channel.now += seconds
      channel.leave('pia')
      channel.send({ kind: 'show.end' })
      channel.send({ kind: 'show.settled', show })
      channel.now += 1000
      expect(channel.balance('pia')).toBe(expected)
    }
  })

  test('of somebody found gone counts to when they were last known to be there', () => {
    const channel = new TestChannel()
    channel.startShow()
    channel.arrive('pia')
    const known = channel.now + 120
    channel.now += 3600
    channel.leave('pia', known)
    expect(channel.balance('pia')).toBe(20)
  })

  test('is paid no further than it is known who was there', () => {
    const channel = new TestChannel()
    const show = channel.startShow()
    channel.arrive('pia')
    const known = channel.now + 120
    channel.now += 3600
    channel.send({ kind: 'earning.pay', show, after: 0, upTo: 99, until: known })
    channel.leave('pia', known)
    channel.arrive('pia')
    channel.now += 60
    channel.pay(show)
    expect(channel.balance('pia')).toBe(30)
  })

  test('stops paying at the cap, and goes on counting', () => {
    const channel = new TestChannel({ intervalSeconds: 60, cap: 25 })
    const show = channel.startShow()
    channel.arrive('pia')
    channel.now += 600
    channel.pay(show)
    expect(channel.balance('pia')).toBe(25)
    expect(channel.watch('pia').watchedSeconds).toBe(600)
  })

  test('of a page is told once, with the sum', () => {
    const channel = new TestChannel()
    const show = channel.startShow()
    for (const name of ['pia', 'jo', 'sol']) channel.arrive(name)
    channel.now += 61
    channel.pay(show)
    channel.pay(show)
    expect(channel.facts('earning.paid').map(({ body }) => body)).toEqual([{ viewers: 3, amount: 30 }])
  })

  test('a show that was not settled yet keeps the next from starting', () => {
    const channel = new TestChannel()
    const show = channel.startShow()
    channel.send({ kind: 'show.end' })
    expect(channel.send({ kind: 'show.start', title: 'Next' })).toMatchObject({
      refusal: { code: 'show_still_settling' },
    })
    channel.send({ kind: 'show.settled', show })
    expect(channel.send({ kind: 'show.start', title: 'Next' }).ok).toBe(true)
    expect(channel.send({ kind: 'show.start', title: 'Again' })).toMatchObject({ refusal: { code: 'already_on_air' } })
  })
})

describe('timers', () => {
  test('come at whole intervals from the start of the show', () => {
    expect(nextTick(1000, 60, 1000)).toBe(1060)
    expect(nextTick(1000, 60, 1059)).toBe(1060)
    expect(nextTick(1000, 60, 1060)).toBe(1120)
    expect(nextTick(1000, 60, 9999)).toBe(10_000)
  })

  test('uncounted seconds never run backwards', () => {
    const show = { from: 100, to: null }
    expect(uncountedSeconds({ counting: true, countedUntil: 500 }, show, 400)).toBe(0)
    expect(uncountedSeconds({ counting: false, countedUntil: 0 }, show, 400)).toBe(0)
    expect(uncountedSeconds({ counting: true, countedUntil: 50 }, show, 400)).toBe(300)
  })
})

describe('changing the plan', () => {
  test('sets the next payment anew while on air', () => {
    const channel = new TestChannel()
    channel.startShow()
    channel.now += 100
    channel.send({ kind: 'earning.change', plan: { ...PLAN, intervalSeconds: 30, base: 1 }, by: 'wanda' })
    const timers = channel.world.takeChanges().timers
    expect(timers.at(-1)).toMatchObject({ job: 'earning.tick', at: 1_000_000 + 120 })
  })

  test('refuses a payment above the most one can hold', () => {
    const channel = new TestChannel()
    const refused = channel.send({
      kind: 'earning.change',
      plan: { ...PLAN, intervalSeconds: 30, base: 50, cap: 20 },
      by: 'wanda',
    })
    expect(refused).toMatchObject({ refusal: { code: 'earning_plan_invalid' } })
  })
})

describe('what a plan means', () => {
  test('two hours at 10 for every 5 minutes are 240', () => {
    expect(exampleSentence(PLAN, CURRENCY, 7200)).toBe('Somebody who watches for 2 h gets 240 rivets.')
    expect(watchingPays({ ...PLAN, cap: 100 }, 7200)).toBe(100)
  })

  test('the watching for an amount pays at least that amount, and one interval less does not', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), fc.integer({ min: 1, max: 5000 }), (base, amount) => {
        const plan = { ...PLAN, base }
        const seconds = watchingFor(plan, amount) ?? 0
        expect(watchingPays(plan, seconds)).toBeGreaterThanOrEqual(amount)
        expect(watchingPays(plan, seconds - 1)).toBeLessThan(amount)
      }),
    )
    expect(watchingFor({ ...PLAN, base: 0 }, 10)).toBeNull()
  })

  test('warns of a plan that pays nothing and of a cap that is soon reached', () => {
    expect(planWarnings(PLAN, CURRENCY)).toEqual([])
    expect(planWarnings({ ...PLAN, base: 0 }, CURRENCY)[0]).toMatch(/pays nothing/)
    expect(planWarnings({ ...PLAN, cap: 100 }, CURRENCY)[0]).toMatch(/after 50 min/)
  })
})
