import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { MAX_AMOUNT } from '../ledger/index.ts'
import type { How } from './index.ts'

function withPeople(...names: string[]) {
  const channel = new TestChannel()
  for (const name of names) channel.arrive(name)
  const ids = (...who: string[]) => who.map((name) => channel.viewer(name).id)
  const adjust = (how: How, amount: number, ...who: string[]) => {
    const result = channel.send({
      kind: 'people.adjust',
      of: 'balance',
      viewers: ids(...who),
      how,
      amount,
      why: 'helped',
      by: 'wanda',
    })
    return result.ok ? result.value : { code: result.refusal.code }
  }
  const undo = (adjustment: unknown) => {
    const result = channel.send({ kind: 'people.undo', adjustment: Number(adjustment), by: 'wanda' })
    return result.ok ? result.value : { code: result.refusal.code }
  }
  return { channel, adjust, undo }
}

describe('a correction by hand', () => {
  test('gives, takes at most what is there, and sets', () => {
    const { channel, adjust } = withPeople('pia', 'jo')
    expect(adjust('give', 320, 'pia', 'jo')).toMatchObject({ changed: 2, total: 640, asked: 2 })
    expect(adjust('take', 500, 'pia')).toMatchObject({ changed: 1, total: -320 })
    expect(channel.balance('pia')).toBe(0)
    expect(adjust('take', 5, 'pia')).toMatchObject({ changed: 0, total: 0, asked: 1 })
    expect(adjust('set', 7, 'pia', 'jo')).toMatchObject({ changed: 2, total: -306 })
    expect([channel.balance('pia'), channel.balance('jo')]).toEqual([7, 7])
    expect(adjust('set', 0, 'jo')).toMatchObject({ total: -7 })
    expect(channel.sum()).toBe(0)
  })

  test('never fills a wallet beyond what it can hold, and counts nobody twice', () => {
    const { channel, adjust } = withPeople('pia')
    adjust('set', MAX_AMOUNT - 5, 'pia')
    expect(adjust('give', 10, 'pia', 'pia')).toMatchObject({ changed: 1, total: 5, asked: 1 })
    expect(channel.balance('pia')).toBe(MAX_AMOUNT)
  })

  test.each([0, -1, 1.5, Number.NaN, 2 ** 53])('of %s is refused', (amount) => {
    expect(withPeople('pia').adjust('give', amount, 'pia')).toEqual({ code: 'amount_not_whole' })
  })

  test('of nobody who is known is refused', () => {
    const { channel } = withPeople()
    const result = channel.send({
      kind: 'people.adjust',
      of: 'balance',
      viewers: [999],
      how: 'give',
      amount: 5,
      why: '',
      by: 'w',
    })
    expect(result).toMatchObject({ ok: false, refusal: { code: 'viewer_not_found' } })
  })

  test('counts neither as earned nor as spent', () => {
    const { channel, adjust } = withPeople('pia')
    channel.startShow()
    adjust('give', 100, 'pia')
    adjust('take', 40, 'pia')
    const show = channel.send({ kind: 'show.end' })
    expect(show.ok).toBe(true)
    channel.send({ kind: 'show.settled', show: Number(show.ok && show.value.show) })
    expect(channel.facts('show.settled')[0]?.body).toMatchObject({ paid: 0, spent: 0 })
  })
})

describe('taking a correction back', () => {
  test('restores what was, once', () => {
    const { channel, adjust, undo } = withPeople('pia')
    adjust('give', 100, 'pia')
    const { adjustment } = adjust('take', 30, 'pia') as { adjustment: number }
    expect(undo(adjustment)).toMatchObject({ changed: 1, total: 30, owed: 0 })
    expect(channel.balance('pia')).toBe(100)
    expect(undo(adjustment)).toEqual({ code: 'adjustment_undone' })
    expect(undo(12345)).toEqual({ code: 'adjustment_not_found' })
  })

  test('takes what is there of what was spent meanwhile, and says who owes how much', () => {
    const { channel, adjust, undo } = withPeople('pia')
    const { adjustment } = adjust('give', 100, 'pia') as { adjustment: number }
    channel.say('pia', '!get whistle')
    expect(channel.balance('pia')).toBe(40)
    expect(undo(adjustment)).toMatchObject({ total: -40, owed: 60, owing: [{ viewer: 'pia', owed: 60 }] })
    expect(channel.balance('pia')).toBe(0)
  })

  test('is over after ten minutes', () => {
    const { channel, adjust, undo } = withPeople('pia')
    const { adjustment } = adjust('give', 100, 'pia') as { adjustment: number }
    channel.now += 601
    expect(undo(adjustment)).toEqual({ code: 'adjustment_too_old' })
  })

  test('of anything, in any order, leaves no wallet below 0 and the sum at 0', () => {
    const act = fc.record({
      how: fc.constantFrom<How>('give', 'take', 'set'),
      amount: fc.integer({ min: 0, max: 300 }),
      who: fc.subarray(['pia', 'jo', 'sol'], { minLength: 1 }),
      spend: fc.boolean(),
      undo: fc.nat(5),
    })
    fc.assert(
      fc.property(fc.array(act, { maxLength: 20 }), (acts) => {
        const { channel, adjust, undo } = withPeople('pia', 'jo', 'sol')
        const made: unknown[] = []
        for (const { how, amount, who, spend, undo: back } of acts) {
          const done = adjust(how, amount, ...who)
          if ('adjustment' in done) made.push(done.adjustment)
          if (spend) channel.say(who[0] ?? 'pia', '!get whistle')
          if (made[back] !== undefined) undo(made[back])
          expect(channel.sum()).toBe(0)
          expect(channel.lowest()).toBe(0)
        }
      }),
    )
  })
})
