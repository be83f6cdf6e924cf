import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { accounts } from '../ledger/index.ts'
import { orders } from './index.ts'

let channel: TestChannel

beforeEach(() => {
  channel = new TestChannel()
  const show = channel.startShow()
  channel.arrive('pia')
  channel.now += 600
  channel.pay(show)
})

const onlyOrder = () => {
  const [order] = channel.world.all(orders)
  if (order === undefined) throw new Error('There is no order.')
  return order
}

const pot = () => channel.world.get(accounts, onlyOrder().id)?.balance

describe('buying', () => {
  test('by itself spends the price at once and shows the alert', () => {
    expect(channel.say('pia', '!get whistle')).toBe('pia bought Factory whistle for 60 rivets, 40 rivets left.')
    expect(channel.balance('pia')).toBe(40)
    expect(onlyOrder()).toMatchObject({ status: 'done', text: null })
  })

  test('by hand holds the price in the order’s pot until it is done', () => {
    channel.say('pia', '!GET Name-It  Madame Flicker ')
    expect(onlyOrder()).toMatchObject({ status: 'waiting', text: 'Madame Flicker', price: 45 })
    expect(pot()).toBe(45)
    channel.send({ kind: 'store.done', order: onlyOrder().id, by: 'wanda' })
    expect(pot()).toBe(0)
    expect(onlyOrder()).toMatchObject({ status: 'done', endedBy: 'wanda' })
  })

  test('says what is missing, by how much, and what it costs', () => {
    channel.say('pia', '!get whistle')
    expect(channel.say('pia', '!get whistle')).toBe(
      'pia: Factory whistle costs 60 rivets; with 40 rivets that is 20 rivets short.',
    )
    expect(channel.balance('pia')).toBe(40)
  })

  test.each([
    ['!get', 'pia: type !get and one of whistle, name-it.'],
    ['!get nothing', 'pia: There is no reward "nothing". There are: whistle, name-it.'],
    ['!get name-it', 'pia: Name the mended thing asks: What is its name? Type it after the command.'],
    [`!get name-it ${'x'.repeat(201)}`, 'pia: That is 201 characters long; 200 is the most. Shorten it.'],
    ['!rivets', 'pia has 100 rivets.'],
    ['!Rivets please', 'pia has 100 rivets.'],
    ['hello !rivets', undefined],
    ['!', undefined],
    ['!unknown', undefined],
  ])('%s', (line, answer) => {
    expect(channel.say('pia', line)).toBe(answer)
    expect(channel.balance('pia')).toBe(100)
  })

  test('what a buyer types is text on screen, never a template', () => {
    channel.say('pia', '!get name-it {{ viewer.name }}')
    expect(onlyOrder().text).toBe('{{ viewer.name }}')
  })
})

describe('an order', () => {
  beforeEach(() => void channel.say('pia', '!get name-it Lampard'))

  test('given back returns the money once, naming the payment', () => {
    channel.send({ kind: 'store.giveBack', order: onlyOrder().id, by: 'wanda' })
    expect(channel.balance('pia')).toBe(100)
    const again = channel.send({ kind: 'store.giveBack', order: onlyOrder().id, by: 'rosa' })
    expect(again).toMatchObject({
      refusal: { code: 'order_not_waiting', sentence: 'This order was already refunded.' },
    })
    expect(channel.balance('pia')).toBe(100)
  })

  test('marked done by a slip can be reopened, and then given back', () => {
    const { id } = onlyOrder()
    channel.send({ kind: 'store.done', order: id, by: 'wanda' })
    expect(channel.send({ kind: 'store.reopen', order: id, by: 'wanda' }).ok).toBe(true)
    expect(pot()).toBe(45)
    channel.send({ kind: 'store.giveBack', order: id, by: 'wanda' })
    expect(channel.balance('pia')).toBe(100)
  })

  test('that waits, or was done by itself, cannot be reopened', () => {
    expect(channel.send({ kind: 'store.reopen', order: onlyOrder().id, by: 'w' })).toMatchObject({
      refusal: { code: 'order_not_done' },
    })
    expect(channel.send({ kind: 'store.done', order: 999_999, by: 'w' })).toMatchObject({
      refusal: { code: 'order_not_found' },
    })
  })
})

test('any evening keeps the sum at 0, nothing below 0, and every ended pot empty', () => {
  const act = fc.oneof(
    fc.record({
      do: fc.constant('say' as const),
      who: fc.constantFrom('pia', 'jo'),
      text: fc.constantFrom('!get whistle', '!get name-it x', '!rivets', 'hi'),
    }),
    fc.record({ do: fc.constantFrom('done' as const, 'giveBack' as const, 'reopen' as const), pick: fc.nat(20) }),
    fc.record({ do: fc.constant('wait' as const), seconds: fc.integer({ min: 1, max: 300 }) }),
  )
  fc.assert(
    fc.property(fc.array(act, { maxLength: 60 }), (acts) => {
      const evening = new TestChannel()
      const show = evening.startShow()
      for (const step of acts) {
        if (step.do === 'say') evening.say(step.who, step.text)
        else if (step.do === 'wait') {
          evening.now += step.seconds
          evening.pay(show)
        } else {
          const all = evening.world.all(orders)
          const order = all[step.pick % Math.max(1, all.length)]
          if (order) evening.send({ kind: `store.${step.do}`, order: order.id, by: 'w' })
        }
        expect(evening.sum()).toBe(0)
        expect(evening.lowest()).toBe(0)
      }
      for (const order of evening.world.all(orders)) {
        const held = evening.world.rows.complete ? (evening.world.get(accounts, order.id)?.balance ?? 0) : 0
        expect(held).toBe(order.status === 'waiting' ? order.price : 0)
      }
    }),
    { numRuns: 60 },
  )
})
