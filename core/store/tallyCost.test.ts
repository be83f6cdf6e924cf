import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { countOf } from '../tallies/index.ts'
import { costInWords } from './cost.ts'
import { orders } from './orders.ts'
import type { RewardSettings } from './schema.ts'

const RIVETS = { one: 'rivet', many: 'rivets', word: 'rivets' }
let channel: TestChannel
let stamps: number

beforeEach(() => {
  channel = new TestChannel()
  channel.startShow()
  channel.arrive('pia')
  channel.give('pia', 1000)
  stamps = channel.tally({ one: 'stamp', many: 'stamps' })
})

const award = (amount: number) =>
  channel.send({
    kind: 'tally.correct',
    tally: stamps,
    viewer: channel.viewer('pia').id,
    how: 'add',
    amount,
    by: 'w',
  })
const lamp = (count: number, more: Partial<RewardSettings> = {}) =>
  channel.reward({ price: 0, kind: 'hand', tally: { tally: stamps, count }, ...more })

describe('a reward that costs a tally', () => {
  test('takes it at the purchase, says how many are missing, and gives it back with a refund', () => {
    lamp(10)
    award(9)
    expect(channel.say('pia', '!get lamp')).toContain('Lamp costs 10 stamps; you have 9 stamps.')
    award(3)
    expect(channel.say('pia', '!get lamp')).toContain('pia got Lamp for 10 stamps.')
    expect(channel.tallied('pia', stamps)).toBe(2)
    const order = channel.world.all(orders).at(-1)
    expect(order).toMatchObject({ price: 0, tally: stamps, tallyCount: 10 })
    channel.send({ kind: 'store.giveBack', order: order?.id ?? 0, by: 'w' })
    expect(channel.tallied('pia', stamps)).toBe(12)
  })

  test('may cost currency beside it: nothing is taken unless both are there', () => {
    lamp(10, { price: 2000 })
    award(10)
    channel.say('pia', '!get lamp')
    expect(channel.tallied('pia', stamps)).toBe(10)
    channel.give('pia', 1000)
    expect(channel.say('pia', '!get lamp')).toContain('bought Lamp for 2,000 rivets and 10 stamps, 0 rivets left.')
    expect(channel.tallied('pia', stamps)).toBe(0)
    expect(channel.sum()).toBe(0)
  })

  test('is paid for out of all that is held: what was awarded tonight stays awarded, and no ceiling cuts what is given back', () => {
    stamps = channel.tally({ name: 'Mugs', key: 'mugs', one: 'mug', many: 'mugs', ceiling: 10 })
    lamp(10)
    award(10)
    const pia = channel.viewer('pia').id
    expect(countOf(channel.world, stamps, pia)).toEqual({ total: 10, show: 10 })
    channel.say('pia', '!get lamp')
    expect(countOf(channel.world, stamps, pia)).toEqual({ total: 0, show: 10 })
    award(8)
    const order = channel.world.all(orders).at(-1)?.id ?? 0
    channel.send({ kind: 'store.giveBack', order, by: 'w' })
    expect(channel.tallied('pia', stamps)).toBe(18)
  })

  test('of which the tally is gone cannot be bought; one that never was cannot be saved', () => {
    lamp(1)
    award(5)
    channel.send({ kind: 'tally.close', tally: stamps })
    expect(channel.say('pia', '!get lamp')).toContain('costs something that is not counted any more')
    expect(() => channel.reward({ word: 'other', tally: { tally: 999_999, count: 1 } })).toThrow(
      /tally it costs was removed/,
    )
  })

  test('whatever is bought and given back, no tally is ever below nothing and none is lost', () => {
    const acts = fc.array(fc.oneof(fc.constant('buy'), fc.constant('back')), { maxLength: 20 })
    fc.assert(
      fc.property(fc.nat(30), fc.integer({ min: 1, max: 9 }), acts, (begin, count, list) => {
        channel = new TestChannel()
        channel.startShow()
        channel.arrive('pia')
        stamps = channel.tally({ one: 'stamp', many: 'stamps' })
        award(begin)
        lamp(count)
        for (const act of list) {
          const open = channel.world.all(orders).filter(({ status }) => status === 'waiting')
          if (act === 'buy') channel.say('pia', '!get lamp')
          else if (open[0]) channel.send({ kind: 'store.giveBack', order: open[0].id, by: 'w' })
        }
        const spent = channel.world.all(orders).filter(({ status }) => status === 'waiting').length * count
        const has = channel.tallied('pia', stamps)
        expect(has).toBeGreaterThanOrEqual(0)
        expect(has + spent).toBe(begin)
      }),
      { numRuns: 40 },
    )
  })
})

test.each([
  [900, null, '900 rivets'],
  [0, { one: 'stamp', many: 'stamps', count: 1 }, '1 stamp'],
  [5, { one: 'stamp', many: 'stamps', count: 10 }, '5 rivets and 10 stamps'],
  [0, null, 'nothing'],
])('%i and %o: %s', (price, tally, words) => expect(costInWords(price, tally, RIVETS)).toBe(words))

describe('stock', () => {
  test('is refilled to what its settings say, whatever was sold before', () => {
    const id = channel.reward({
      price: 1,
      stock: { all: 2, show: null, day: null, week: null, month: null },
      refill: 5,
    })
    for (let i = 0; i < 2; i++) channel.say('pia', '!get lamp')
    expect(channel.say('pia', '!get lamp')).toContain('sold out')
    expect(channel.send({ kind: 'store.refill', reward: id })).toMatchObject({ value: { left: 5 } })
    expect(channel.send({ kind: 'store.refill', reward: id })).toMatchObject({ value: { left: 5 } })
    for (let i = 0; i < 5; i++) expect(channel.say('pia', '!get lamp')).toContain('bought Lamp')
    expect(channel.say('pia', '!get lamp')).toContain('sold out')
  })

  test('a number to refill to must be set, and codes have none', () => {
    const id = channel.reward({ price: 1 })
    expect(channel.send({ kind: 'store.refill', reward: id })).toMatchObject({ refusal: { code: 'reward_invalid' } })
    expect(() => channel.reward({ word: 'key', kind: 'code', refill: 5 })).toThrow(/refilled by adding codes/)
  })

  test('the desk is told once when so few are left', () => {
    channel.reward({ price: 1, stock: { all: 4, show: null, day: null, week: null, month: null }, lowStock: 2 })
    for (let i = 0; i < 4; i++) channel.say('pia', '!get lamp')
    expect(channel.facts('store.low').map(({ body }) => body)).toEqual([expect.objectContaining({ left: 2 })])
  })

  test('of a week begins anew on Monday, and that of a month on its first', () => {
    // Wednesday, 30 September 2026, noon.
    channel.now = Date.UTC(2026, 8, 30, 12) / 1000
    channel.reward({ price: 1, stock: { all: null, show: null, day: null, week: 1, month: null } })
    channel.reward({
      word: 'moon',
      name: 'Moon',
      price: 1,
      stock: { all: null, show: null, day: null, week: null, month: 1 },
    })
    const buys = () => ['lamp', 'moon'].map((word) => channel.say('pia', `!get ${word}`)?.includes('bought'))
    expect(buys()).toEqual([true, true])
    expect(buys()).toEqual([false, false])
    channel.now = Date.UTC(2026, 9, 1, 12) / 1000
    expect(buys()).toEqual([false, true])
    channel.now = Date.UTC(2026, 9, 5, 12) / 1000
    expect(buys()).toEqual([true, false])
  })
})

test('the buyer of what happens by itself is told at once, in the reward’s words', () => {
  channel.reward({ price: 1, kind: 'itself', say: false, doneText: 'Thank you, {{ viewer.name }}: {{ reward.name }}.' })
  expect(channel.hear('pia', '!get lamp')).toContain('Thank you, pia: Lamp.')
})
