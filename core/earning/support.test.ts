import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CURRENCY, TestChannel } from '../../testing/core/channel.ts'
import { explainTransfer, transfers } from '../ledger/index.ts'
import { NO_SUPPORT, type Support, supportPays } from './index.ts'

const PLAN = {
  ...NO_SUPPORT,
  follow: 20,
  subscription: [100, 200, 500] as [number, number, number],
  gift: 50,
  raid: { fixed: 40, perViewer: 3, followersOnly: false },
  tip: 30,
  cheer: 40,
}

function channelWith(cap: number | null = null) {
  const channel = new TestChannel({ intervalSeconds: 60, cap, support: PLAN })
  channel.arrive('pia')
  const who = { account: 'pia', name: 'pia' }
  const happen = (kind: string, figures: Record<string, number> = {}) => {
    const type = `ricompensa.${kind}`
    const body = { who, ...figures }
    const result = channel.send({ kind: 'event.received', source: 's', type, happenedAt: channel.now, who, body })
    return result.ok ? result.value.outcome : result.refusal.code
  }
  const lastReason = () => {
    const last = channel.world.appended(transfers).at(-1)
    return last && explainTransfer(last, CURRENCY)
  }
  return { channel, happen, lastReason }
}

describe('support', () => {
  test.each([
    ['subscription', { tier: 2 }, 200, 'Subscribed, tier 2'],
    ['resubscription', { tier: 3, months: 7 }, 500, 'Subscribed again, tier 3'],
    ['gift', { tier: 1, count: 4 }, 200, 'Gave away 4 subscriptions'],
    ['raid', { viewers: 20 }, 100, 'Brought 20 viewers'],
    ['tip', { minorUnits: 750 }, 225, 'Tipped 7.50'],
    ['cheer', { units: 250 }, 100, 'Cheered with 250'],
  ])('%s %o pays %d, and the trail says why', (kind, figures, amount, why) => {
    const { channel, happen, lastReason } = channelWith()
    expect(happen(kind, figures)).toBe(`Paid ${amount} rivets.`)
    expect(channel.balance('pia')).toBe(amount)
    expect(lastReason()).toBe(why)
    expect(channel.sum()).toBe(0)
  })

  test('a follow is paid once in a life', () => {
    const { channel, happen } = channelWith()
    expect(happen('follow')).toBe('Paid 20 rivets.')
    expect(happen('follow')).toBe('Has followed before: nothing paid.')
    expect(channel.balance('pia')).toBe(20)
  })

  test('is cut at the balance cap, and the trail says so', () => {
    const { channel, happen, lastReason } = channelWith(90)
    expect(happen('subscription', { tier: 1 })).toBe('Paid 90 rivets.')
    expect(lastReason()).toBe('Subscribed, tier 1: 100 rivets, cut at the balance cap')
    expect(happen('subscription', { tier: 1 })).toBe('Noted.')
    expect(channel.balance('pia')).toBe(90)
  })

  test('that the plan does not pay for is noted', () => {
    const channel = new TestChannel()
    channel.arrive('pia')
    const who = { account: 'pia', name: 'pia' }
    const body = { who, minorUnits: 750 }
    const tip = {
      kind: 'event.received',
      source: 's',
      type: 'ricompensa.tip',
      happenedAt: channel.now,
      who,
      body,
    } as const
    expect(channel.send(tip)).toMatchObject({ value: { outcome: 'Noted.' } })
  })

  test('never pays a part of a unit, and never less for more', () => {
    const support = fc.oneof(
      fc.record({ kind: fc.constant('tip' as const), minorUnits: fc.integer({ min: 1, max: 1_000_000_000 }) }),
      fc.record({ kind: fc.constant('cheer' as const), units: fc.integer({ min: 1, max: 1_000_000_000 }) }),
    )
    fc.assert(
      fc.property(support, fc.integer({ min: 0, max: 1_000_000_000 }), (one: Support, rate) => {
        const plan = { ...PLAN, tip: rate, cheer: rate }
        const pays = supportPays(plan, one)
        expect(Number.isInteger(pays)).toBe(true)
        expect(supportPays({ ...plan, tip: rate + 1, cheer: rate + 1 }, one)).toBeGreaterThanOrEqual(pays)
      }),
    )
  })
})
