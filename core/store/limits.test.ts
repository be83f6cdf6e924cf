import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { EVERYONE_MAY } from '../access/index.ts'
import { accounts } from '../ledger/index.ts'
import { viewers } from '../people/index.ts'
import { zoneSetting } from '../settings/index.ts'
import { changesAt } from './limits.ts'
import { orders } from './orders.ts'
import { NO_SALES, saleCountsOf } from './rewards.ts'
import { PLAIN_REWARD, type RewardSettings, UNLIMITED } from './schema.ts'

const NONE = UNLIMITED
const DAY = 86_400
let channel: TestChannel

beforeEach(() => {
  channel = new TestChannel()
  channel.startShow()
  for (const name of ['pia', 'jo']) {
    channel.arrive(name)
    channel.give(name, 1000)
  }
})

const all = () => channel.world.all(orders)
const lamp = (settings: Partial<RewardSettings> = {}) => channel.reward({ price: 10, ...settings })
const get = (name: string, rest = '') => channel.say(name, `!get lamp${rest && ` ${rest}`}`)
const endShow = () => {
  const ended = channel.send({ kind: 'show.end' })
  if (ended.ok) channel.send({ kind: 'show.settled', show: ended.value.show })
  channel.now += 3600
}
const nextShow = () => {
  endShow()
  channel.startShow()
}

describe('when it changes by itself', () => {
  const sold = { key: '1', ...NO_SALES }
  const at = 1_000_000
  const next = (settings: Partial<RewardSettings>, all = 0, own = 0) =>
    changesAt({ ...PLAIN_REWARD, ...settings }, { at, all: { ...sold, until: all }, own: { ...sold, until: own } })

  test.each([
    [{}, 0, 0, null],
    [{ from: at + 50 }, 0, 0, at + 50],
    [{ from: at - 50, to: at + 90 }, 0, 0, at + 90],
    [{ to: at }, 0, 0, null],
    [{ rest: { everyoneSeconds: 20, eachSeconds: 60 } }, at + 20, at + 60, at + 20],
    [{ rest: { everyoneSeconds: 20, eachSeconds: 60 } }, at, at + 60, at + 60],
    [{ rest: { everyoneSeconds: 0, eachSeconds: 0 } }, at + 20, at + 60, null],
  ])('%j, sold until %i and %i', (settings, all, own, when) => expect(next(settings, all, own)).toBe(when))
})

describe('stock', () => {
  test('in all: the last one is sold once, and who comes too late keeps their money', () => {
    lamp({ stock: { ...NONE, all: 1 } })
    expect(get('pia')).toBe('pia bought Lamp for 10 rivets, 990 rivets left.')
    expect(get('jo')).toBe('jo: Lamp is sold out: the only one is gone.')
    expect(channel.balance('jo')).toBe(1000)
    expect(channel.facts('store.stock').at(-1)?.body).toMatchObject({ left: 0 })
  })

  test('in each show: refilled by the next', () => {
    lamp({ stock: { ...NONE, show: 1 } })
    get('pia')
    expect(get('jo')).toBe('jo: Lamp is sold out this show (1 of 1). Back in stock next show.')
    endShow()
    expect(get('jo')).toContain('bought Lamp')
    expect(get('pia')).toContain('until the next show')
    channel.startShow()
    expect(get('pia')).toContain('bought Lamp')
  })

  test('a day: refilled at midnight of the channel’s time zone', () => {
    channel.send({ kind: 'channel.zone', timeZone: 'Europe/Berlin' })
    expect(zoneSetting.name).toBe('zone')
    // 23:59 in Berlin.
    channel.now = Date.parse('2026-11-27T22:59:00Z') / 1000
    lamp({ stock: { ...NONE, day: 1 } })
    get('pia')
    expect(get('jo')).toContain('sold out today (1 of 1). Back in stock tomorrow.')
    channel.now += 120
    expect(get('jo')).toContain('bought Lamp')
  })

  test('given back, it is there again, and so is the viewer’s own', () => {
    lamp({ stock: { ...NONE, all: 1 }, each: { ...NONE, all: 1 } })
    get('pia')
    expect(get('pia')).toContain('sold out')
    channel.send({ kind: 'store.giveBack', order: all()[0]?.id ?? 0, by: 'wanda' })
    expect(channel.balance('pia')).toBe(1000)
    expect(get('pia')).toContain('bought Lamp')
  })

  test('what was given back of an earlier show frees nothing of this one', () => {
    lamp({ stock: { ...NONE, show: 1 } })
    get('pia')
    nextShow()
    get('jo')
    channel.send({ kind: 'store.giveBack', order: all()[0]?.id ?? 0, by: 'wanda' })
    expect(get('jo')).toContain('sold out this show')
    expect(saleCountsOf(channel.world, all()[0]?.reward ?? 0, null)).toMatchObject({ total: 1, shown: 1 })
  })
})

describe('each viewer', () => {
  test.each([
    [{ ...NONE, all: 2 }, 'Each viewer can have Lamp 2 times, and you have.'],
    [{ ...NONE, show: 2 }, 'Each viewer can have Lamp 2 times a show. Again next show.'],
    [{ ...NONE, day: 2 }, 'Each viewer can have Lamp 2 times a day. Again tomorrow.'],
  ])('has so many at most', (each, sentence) => {
    lamp({ each })
    get('pia')
    get('pia')
    expect(get('pia')).toBe(`pia: ${sentence}`)
    expect(get('jo')).toContain('bought Lamp')
  })

  test('waits, as everyone does', () => {
    const reward = lamp({ rest: { everyoneSeconds: 60, eachSeconds: 300 } })
    get('pia')
    expect(channel.facts('store.rests').at(-1)?.body).toEqual({ reward, until: channel.now + 60 })
    expect(get('jo')).toBe('jo: Lamp is on cooldown for 1 min.')
    channel.now += 60
    expect(get('pia')).toBe('pia: You can have Lamp again in 4 min.')
    expect(get('jo')).toContain('bought Lamp')
  })

  test('must have watched so long, and be one of those who may', () => {
    lamp({ hours: 2 })
    expect(get('pia')).toBe('pia: Lamp needs 2 hours watched; you need 2 h more.')
    channel.reward({ word: 'vip', name: 'Vip', who: { ...EVERYONE_MAY, everyone: false, standings: ['moderator'] } })
    expect(channel.say('pia', '!get vip')).toBe('pia: Vip is not open to you here.')
    channel.world.put(viewers, { ...channel.viewer('pia'), moderator: true })
    channel.say('pia', '!get vip')
    expect(all()).toHaveLength(1)
  })
})

describe('when', () => {
  test('only on air', () => {
    lamp({ onAir: true })
    endShow()
    expect(get('pia')).toBe('pia: Lamp can be bought only while the show is on air.')
  })

  test('from a day to a day', () => {
    channel.now = Date.parse('2026-11-27T12:00:00Z') / 1000
    lamp({ from: channel.now + DAY, to: channel.now + 2 * DAY })
    expect(get('pia')).toBe('pia: Lamp is for sale from Saturday 28 November, 12:00 on.')
    channel.now += DAY
    expect(get('pia')).toContain('bought Lamp')
    channel.now += DAY
    expect(get('pia')).toBe('pia: Lamp was for sale until Sunday 29 November, 12:00.')
  })

  test('switched off, a whole group in one go', () => {
    const [one, two] = [lamp({ group: 'Winter' }), channel.reward({ word: 'sled', name: 'Sled', group: 'Winter' })]
    channel.send({ kind: 'store.switch', rewards: [one, two], on: false })
    expect(get('pia')).toBe('pia: Lamp is not for sale right now.')
    expect(channel.say('pia', '!get')).toBe('pia: type !get and one of whistle, name-it.')
  })
})

test('a secret word opens it, in chat or on the page, and is asked for once', () => {
  lamp({ secret: 'Cobweb', asks: { of: 'text', question: 'Why?', least: 1, most: 50 } })
  expect(channel.say('pia', '!get')).not.toContain('lamp')
  expect(get('pia', 'please')).toBe('pia: Lamp needs a secret word. Type it after the command.')
  expect(get('pia', 'cobweb because')).toContain('bought Lamp')
  expect(get('pia', 'again')).toContain('bought Lamp')
  const who = { account: 'jo', name: 'jo' }
  expect(channel.send({ kind: 'store.unlock', who, word: 'cellar' })).toMatchObject({
    refusal: { code: 'secret_wrong' },
  })
  expect(channel.send({ kind: 'store.unlock', who, word: 'cobweb' })).toMatchObject({ value: { unlocked: ['Lamp'] } })
  expect(get('jo', 'me too')).toContain('bought Lamp')
  expect(all().map(({ text }) => text)).toEqual(['because', 'again', 'me too'])
})

test('whatever is bought and given back, no limit is passed and the money is always somewhere', () => {
  const most = fc.option(fc.integer({ min: 1, max: 4 }), { nil: null })
  const limits = fc.record({ all: most, show: most, day: most, week: most, month: most })
  const act = fc.oneof(
    fc.record({ do: fc.constant('buy' as const), who: fc.constantFrom('pia', 'jo', 'ada') }),
    fc.record({ do: fc.constant('back' as const), pick: fc.nat(20) }),
    fc.record({ do: fc.constant('wait' as const), seconds: fc.integer({ min: 1, max: DAY }) }),
    fc.record({ do: fc.constantFrom('show' as const) }),
  )
  fc.assert(
    fc.property(limits, limits, fc.array(act, { maxLength: 40 }), (stock, each, acts) => {
      channel = new TestChannel()
      channel.startShow()
      for (const name of ['pia', 'jo', 'ada']) {
        channel.arrive(name)
        channel.give(name, 500)
      }
      const reward = channel.reward({ price: 10, stock, each })
      let show = 0
      for (const one of acts) {
        if (one.do === 'buy') channel.say(one.who, '!get lamp')
        else if (one.do === 'wait') channel.now += one.seconds
        else if (one.do === 'show') {
          nextShow()
          show = all().length
        } else {
          const order = all()[one.pick % Math.max(1, all().length)]
          if (order) channel.send({ kind: 'store.giveBack', order: order.id, by: 'w' })
        }
        const held = all().filter(({ status }) => status !== 'refunded')
        const inShow = all()
          .slice(show)
          .filter(({ status }) => status !== 'refunded')
        expect(held.length).toBeLessThanOrEqual(stock.all ?? 1000)
        expect(inShow.length).toBeLessThanOrEqual(stock.show ?? 1000)
        for (const name of ['pia', 'jo', 'ada'])
          expect(held.filter(({ viewerName }) => viewerName === name).length).toBeLessThanOrEqual(each.all ?? 1000)
        expect(saleCountsOf(channel.world, reward, null).total).toBe(held.length)
        expect(channel.sum()).toBe(0)
        expect(channel.lowest()).toBeGreaterThanOrEqual(0)
        for (const { id, status, price } of all())
          expect(channel.world.get(accounts, id)?.balance ?? 0).toBe(status === 'waiting' ? price : 0)
      }
    }),
    { numRuns: 60 },
  )
})
