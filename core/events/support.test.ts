import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { NO_SUPPORT } from '../earning/index.ts'

const SUPPORT = {
  ...NO_SUPPORT,
  follow: 20,
  subscription: [100, 200, 500] as [number, number, number],
  gift: 50,
  giftReceived: 15,
  raid: { fixed: 40, perViewer: 3, followersOnly: true },
  tip: 30,
  thanks: {
    tip: { say: 'Thank you, {{ viewer.name }}, for {{ support.amount }} ({{ paid }})!', alert: '' },
    raid: { say: '', alert: '{{ viewer.name }} brought {{ support.viewers }}' },
    follow: { say: 'Hello {{ viewer.name }}', alert: '' },
  },
}

function withSupport() {
  const channel = new TestChannel({ intervalSeconds: 60, support: SUPPORT })
  for (const name of ['pia', 'jo']) channel.arrive(name)
  const happen = (kind: string, name: string, figures: Record<string, unknown> = {}, to: readonly string[] = []) => {
    const who = { account: name, name }
    const result = channel.send({
      kind: 'event.received',
      source: 's',
      type: `ricompensa.${kind}`,
      happenedAt: channel.now,
      who,
      body: { who, ...figures },
      ...(to.length > 0 && { to: to.map((one) => ({ account: one, name: one })) }),
    })
    return result.ok ? result.value.outcome : result.refusal.code
  }
  const said = () => channel.facts('chat.replied').map(({ body }) => body.text)
  return { channel, happen, said }
}

describe('support', () => {
  test('is thanked for as the streamer wishes, a follow only the first time', () => {
    const { channel, happen, said } = withSupport()
    happen('tip', 'pia', { minorUnits: 750 })
    happen('follow', 'pia')
    happen('follow', 'pia')
    expect(said()).toEqual(['Thank you, pia, for 7.50 (225 rivets)!', 'Hello pia'])
    expect(happen('raid', 'pia', { viewers: 20 })).toBe('Paid 100 rivets.')
    expect(channel.facts('screen.alert').at(-1)?.body).toMatchObject({
      title: 'pia brought 20',
      line: '100 rivets for pia',
    })
  })

  test('of a gift pays giver and receivers, who are subscribers by it', () => {
    const { channel, happen } = withSupport()
    expect(happen('gift', 'pia', { tier: 2, count: 2 }, ['jo', 'new'])).toBe('Paid 130 rivets.')
    expect([channel.balance('pia'), channel.balance('jo'), channel.balance('new')]).toEqual([100, 15, 15])
    expect(channel.viewer('jo')).toMatchObject({ tier: 2, subscribedSince: channel.now })
    expect(channel.viewer('pia').tier).toBe(0)
  })

  test('of a raid pays only who follows, where the plan says so', () => {
    const { happen } = withSupport()
    expect(happen('raid', 'jo', { viewers: 20 })).toBe('Does not follow: nothing paid.')
  })

  test('of a subscription lasts a month and some days, and ends when the platform says so', () => {
    const { channel, happen } = withSupport()
    channel.plan({ standings: { tier1: { plus: 0, times: 200 } } })
    happen('subscription', 'pia', { tier: 1 })
    const paidIn = (days: number) => {
      channel.now += days * 86_400
      const show = channel.startShow()
      const before = channel.balance('pia')
      channel.now += 60
      channel.endShow(show)
      channel.now += 3600
      return channel.balance('pia') - before
    }
    expect(paidIn(1)).toBe(20)
    expect(paidIn(40)).toBe(10)
    happen('resubscription', 'pia', { tier: 1, months: 2 })
    expect(paidIn(1)).toBe(20)
    happen('subscription.ended', 'pia')
    expect(paidIn(1)).toBe(10)
  })
})

describe('a tip under a name that nobody here has', () => {
  const waiting = (channel: TestChannel) => channel.facts('supporter.waits').map(({ body }) => Number(body.supporter))

  test('waits, is paid to who it was, and the name is theirs from then on', () => {
    const { channel, happen } = withSupport()
    expect(happen('tip', 'P. Ohm', { minorUnits: 1000 })).toMatch(/waits on the People page/)
    const [supporter = 0] = waiting(channel)
    const match = (viewer: number | null) => channel.send({ kind: 'supporter.match', supporter, viewer })
    expect(match(999_999)).toMatchObject({ refusal: { code: 'viewer_not_found' } })
    expect(match(channel.viewer('pia').id)).toMatchObject({ value: { paid: 300 } })
    expect(match(channel.viewer('pia').id)).toMatchObject({ refusal: { code: 'supporter_not_found' } })
    expect(happen('tip', 'P. Ohm', { minorUnits: 100 })).toBe('Paid 30 rivets.')
    expect(channel.balance('pia')).toBe(330)
    expect(channel.viewer('pia').name).toBe('pia')
  })

  test('can be let go', () => {
    const { channel, happen } = withSupport()
    happen('tip', 'stranger', { minorUnits: 1000 })
    const [supporter = 0] = waiting(channel)
    expect(channel.send({ kind: 'supporter.match', supporter, viewer: null })).toMatchObject({ value: { paid: 0 } })
    expect(happen('tip', 'stranger', { minorUnits: 1000 })).toMatch(/waits on the People page/)
  })
})
