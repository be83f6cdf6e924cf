import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CURRENCY, TestChannel } from '../../testing/core/channel.ts'
import { explainTransfer, transfers } from '../ledger/index.ts'
import { earningSetting, payoutOf } from './index.ts'

const PLAN = earningSetting.initial
const adds = (plus: number, times = 100) => ({ plus, times })

function lastReason(channel: TestChannel): string | undefined {
  const last = channel.world.appended(transfers).at(-1)
  return last && explainTransfer(last, CURRENCY)
}

describe('a payment', () => {
  test('of base 10, follower plus 2 and subscriber times 150 is 18', () => {
    const plan = { ...PLAN, standings: { follower: adds(2), tier1: adds(0, 150) } }
    expect(payoutOf(plan, ['follower', 'tier1'], false, false)).toBe(18)
    expect(payoutOf(plan, ['follower', 'tier1'], false, true)).toBe(0)
  })

  test('never falls by holding one more standing, and is a whole number', () => {
    const names = ['follower', 'tier1', 'moderator', 'circle:1']
    const bonuses = fc.record(
      Object.fromEntries(
        names.map((name) => [
          name,
          fc.record({ plus: fc.integer({ min: 0, max: 50 }), times: fc.integer({ min: 100, max: 1000 }) }),
        ]),
      ),
    )
    fc.assert(
      fc.property(
        bonuses,
        fc.subarray(names),
        fc.constantFrom(...names),
        fc.nat(100),
        (standings, held, more, base) => {
          const plan = { ...PLAN, base, standings }
          const before = payoutOf(plan, held, false, false)
          const after = payoutOf(plan, [...new Set([...held, more])], false, false)
          expect(Number.isInteger(after)).toBe(true)
          expect(after).toBeGreaterThanOrEqual(before)
        },
      ),
    )
  })

  test('goes by the standings held when it is paid, and the trail says which', () => {
    const channel = new TestChannel({ intervalSeconds: 60, standings: { follower: adds(2), tier1: adds(0, 150) } })
    const show = channel.startShow()
    channel.arrive('pia')
    channel.send({ kind: 'people.keep', viewer: channel.viewer('pia').id, follower: true, tier: 1 })
    channel.now += 60
    channel.pay(show)
    expect(channel.balance('pia')).toBe(18)
    expect(lastReason(channel)).toBe('Watched 1 min: 1 × 18 rivets (10 and follower +2, subscriber, tier 1 × 1.5)')
  })

  test('is more for who chatted lately, and only for them', () => {
    const channel = new TestChannel({ intervalSeconds: 60, active: { plus: 5, withinSeconds: 100 } })
    const show = channel.startShow()
    channel.arrive('pia')
    channel.say('jo', 'hello')
    channel.now += 60
    channel.pay(show)
    expect([channel.balance('pia'), channel.balance('jo')]).toEqual([10, 15])
    channel.now += 60
    channel.pay(show)
    expect([channel.balance('pia'), channel.balance('jo')]).toEqual([20, 25])
  })
})

describe('off air', () => {
  const OFF_AIR = { intervalSeconds: 60, offAir: { intervalSeconds: 100, base: 3 } }

  test('nothing is paid unless the plan says so', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    channel.arrive('pia')
    channel.now += 5000
    channel.leave('pia')
    expect(channel.balance('pia')).toBe(0)
  })

  test('the base alone is paid, from when it was set to when the show begins, and never counts as watched', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    channel.arrive('pia')
    channel.now += 1000
    channel.plan(OFF_AIR)
    channel.now += 250
    const show = channel.startShow()
    channel.now += 90
    channel.leave('pia')
    expect(channel.balance('pia')).toBe(2 * 3 + 10)
    expect(channel.watch('pia')).toMatchObject({ offAirCarry: 50, carrySeconds: 30, watchedSeconds: 90 })
    channel.endShow(show)
  })

  test('pays the same however often it is settled, with shows in between', () => {
    const steps = fc.array(fc.record({ wait: fc.integer({ min: 1, max: 300 }), toggle: fc.boolean() }), {
      maxLength: 20,
    })
    fc.assert(
      fc.property(steps, (list) => {
        const [often, once] = [new TestChannel(OFF_AIR), new TestChannel(OFF_AIR)]
        for (const channel of [often, once]) {
          channel.plan(OFF_AIR)
          channel.arrive('pia')
          let show: number | undefined
          for (const { wait, toggle } of list) {
            channel.now += wait
            if (channel === often) for (const one of [0, show ?? 0]) channel.pay(one)
            if (!toggle) continue
            if (show === undefined) show = channel.startShow()
            else {
              channel.endShow(show)
              show = undefined
            }
          }
          channel.leave('pia')
        }
        expect(often.balance('pia')).toBe(once.balance('pia'))
        expect(often.watch('pia').watchedSeconds).toBe(once.watch('pia').watchedSeconds)
      }),
    )
  })
})

describe('chat', () => {
  test('is paid at most once in its time, on air, and a command only if the plan says so', () => {
    const channel = new TestChannel({ chat: { amount: 4, everySeconds: 30, commands: false, offAir: false } })
    channel.say('pia', 'hello')
    expect(channel.balance('pia')).toBe(0)
    channel.startShow()
    for (const line of ['!rivets', 'hello', 'again']) channel.say('pia', line)
    expect(channel.balance('pia')).toBe(4)
    channel.now += 30
    channel.say('pia', 'once more')
    expect(channel.balance('pia')).toBe(8)
    expect(lastReason(channel)).toBe('Chatted')
  })
})

describe('a first visit', () => {
  test('is welcomed once, and who is new waits before spending', () => {
    const channel = new TestChannel({ welcome: 100, newcomerWaitSeconds: 600 })
    channel.arrive('pia')
    channel.leave('pia')
    channel.arrive('pia')
    expect(channel.balance('pia')).toBe(100)
    expect(channel.say('pia', '!get whistle')).toBe('pia: Newcomers can spend after 10 min. For you that is in 10 min.')
    channel.now += 600
    expect(channel.say('pia', '!get whistle')).toMatch(/^pia bought/)
  })
})
