import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'

function withGap() {
  const channel = new TestChannel({ intervalSeconds: 60 })
  const show = channel.startShow()
  for (const name of ['pia', 'jo']) channel.arrive(name)
  channel.now += 60
  const from = channel.now
  channel.now += 130
  const leftAndBack = () => {
    for (const name of ['pia', 'jo']) channel.leave(name, from)
    channel.arrive('pia')
  }
  leftAndBack()
  const noted = channel.send({ kind: 'presence.gap', from, until: channel.now, accounts: ['pia'] })
  const gap = noted.ok ? (noted.value.gap ?? 0) : 0
  const act = (kind: 'dismiss' | 'undo') => channel.send({ kind: 'earning.endGap', gap, how: kind, by: 'wanda' })
  const pay = (preview: boolean) => channel.send({ kind: 'earning.payGap', gap, preview, by: 'wanda' })
  return { channel, show, gap, act, pay }
}

describe('a time when it was not known who was there', () => {
  test('is paid to who was there before and after, as a preview said, and counts as watched', () => {
    const { channel, pay } = withGap()
    expect(pay(true)).toMatchObject({ value: { people: 1, total: 20, seconds: 130 } })
    expect(channel.balance('pia')).toBe(10)
    expect(pay(false)).toMatchObject({ value: { people: 1, total: 20 } })
    expect([channel.balance('pia'), channel.balance('jo')]).toEqual([30, 10])
    expect(channel.watch('pia')).toMatchObject({ watchedSeconds: 190, carrySeconds: 10 })
    expect(pay(false)).toMatchObject({ refusal: { code: 'gap_not_open' } })
  })

  test('is previewed as it will be paid, cut at the balance cap', () => {
    const { channel, pay } = withGap()
    channel.plan({ cap: 15 })
    expect(pay(true)).toMatchObject({ value: { total: 5 } })
    expect(pay(false)).toMatchObject({ value: { total: 5 } })
    expect(channel.balance('pia')).toBe(15)
  })

  test('can be taken back within ten minutes, as far as it was not spent', () => {
    const { channel, pay, act } = withGap()
    pay(false)
    channel.send({
      kind: 'people.adjust',
      viewers: [channel.viewer('pia').id],
      of: 'balance',
      how: 'take',
      amount: 15,
      why: '',
      by: 'w',
    })
    expect(act('undo')).toMatchObject({ value: { owed: 5 } })
    expect(channel.balance('pia')).toBe(0)
    expect(channel.watch('pia')).toMatchObject({ watchedSeconds: 60, carrySeconds: 0 })
    expect(channel.sum()).toBe(0)
    expect(act('undo')).toMatchObject({ refusal: { code: 'gap_not_paid' } })
  })

  test('too late to take back, or dismissed, it stays as it is', () => {
    const { channel, pay, act } = withGap()
    pay(false)
    channel.now += 601
    expect(act('undo')).toMatchObject({ refusal: { code: 'adjustment_too_old' } })
    const other = withGap()
    other.act('dismiss')
    expect(other.pay(false)).toMatchObject({ refusal: { code: 'gap_not_open' } })
  })

  test('off air is nobody’s business', () => {
    const channel = new TestChannel()
    channel.arrive('pia')
    expect(
      channel.send({ kind: 'presence.gap', from: channel.now - 500, until: channel.now, accounts: ['pia'] }),
    ).toEqual({
      ok: true,
      value: {},
    })
  })
})

describe('a show', () => {
  test('that comes back within minutes is the same show, and the break does not count', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    const first = channel.startShow()
    channel.arrive('pia')
    channel.now += 60
    channel.endShow(first)
    channel.now += 600
    const back = channel.send({ kind: 'show.start', title: 'Whatever', resume: true })
    expect(back).toMatchObject({ value: { show: first, resumed: true } })
    channel.now += 60
    channel.endShow(first)
    expect(channel.balance('pia')).toBe(20)
    expect(channel.watch('pia')).toMatchObject({ showSeconds: 120, watchedSeconds: 120 })
    channel.now += 3600
    expect(channel.send({ kind: 'show.start', title: 'Next', resume: true })).toMatchObject({
      value: { resumed: false },
    })
  })

  test('of somebody else pays on or pauses, and time of the pause never counts', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    const show = channel.startShow()
    channel.arrive('pia')
    channel.now += 60
    channel.send({ kind: 'show.guest', guest: 'The other bench', earning: 'paused' })
    channel.now += 600
    channel.pay(show)
    channel.send({ kind: 'show.guest', guest: null, earning: 'going' })
    channel.now += 60
    channel.pay(show)
    expect(channel.balance('pia')).toBe(20)
    channel.send({ kind: 'show.guest', guest: 'The other bench', earning: 'going' })
    channel.now += 60
    channel.pay(show)
    expect(channel.balance('pia')).toBe(30)
  })

  test('forgotten on air can be closed at the right time', () => {
    const channel = new TestChannel({ intervalSeconds: 60 })
    const show = channel.startShow()
    channel.arrive('pia')
    const end = channel.now + 120
    channel.now += 36_000
    expect(channel.send({ kind: 'show.end', endedAt: 5 })).toMatchObject({ refusal: { code: 'show_end_too_early' } })
    channel.send({ kind: 'show.end', endedAt: end })
    channel.pay(show)
    channel.send({ kind: 'show.settled', show })
    expect(channel.balance('pia')).toBe(20)
  })
})
