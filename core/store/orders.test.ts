import { beforeEach, describe, expect, test } from 'vitest'
import { COMMAND, TestChannel } from '../../testing/core/channel.ts'
import { accounts, transfers } from '../ledger/index.ts'
import { addresses, type OrderRow, orders } from './orders.ts'
import { codeListOf } from './rewards.ts'

const HOUR = 3600
let channel: TestChannel

beforeEach(() => {
  channel = new TestChannel()
  channel.startShow()
  for (const name of ['pia', 'jo']) {
    channel.arrive(name)
    channel.give(name, 1000)
  }
})

const last = (): OrderRow => {
  const order = channel.world.all(orders).at(-1)
  if (order === undefined) throw new Error('There is no order.')
  return order
}
const done = (message?: string) =>
  channel.send({ kind: 'store.done', order: last().id, by: 'wanda', ...(message !== undefined && { message }) })
const wait = (seconds: number) => {
  channel.now += seconds
  channel.runTimers()
}
const circle = () => {
  const rules = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
  const made = channel.send({ kind: 'circle.save', circle: null, settings: { name: 'Crew', keep: false, rules } })
  return Number(made.ok && made.value.circle)
}

describe('an order', () => {
  test('tells its buyer when it is done: in the reward’s words, or in those of the streamer', () => {
    channel.reward({ price: 10, doneText: '{{ viewer.name }}: {{ reward.name }}, {{ order.cost }}, {{ order.text }}' })
    channel.say('pia', '!get lamp blue')
    let facts = channel.world.facts.length
    done()
    expect(channel.saidSince(facts)).toEqual(['pia: Lamp, 10 rivets, blue'])
    channel.reward({ price: 10, word: 'sun', name: 'Sun', doneTo: 'private' })
    channel.say('pia', '!get sun')
    facts = channel.world.facts.length
    done('It shines.')
    expect(channel.saidSince(facts)).toEqual(['to pia: pia: It shines.'])
  })

  test('is taken on by one of the team, and left to the others again', () => {
    channel.say('pia', '!get name-it x')
    channel.send({ kind: 'store.take', order: last().id, by: 'rosa', take: true })
    expect(last().takenBy).toBe('rosa')
    expect(channel.facts('order.taken').at(-1)?.body).toMatchObject({ by: 'rosa' })
    expect(done().ok).toBe(true)
    const again = channel.send({ kind: 'store.take', order: last().id, by: 'jo', take: true })
    expect(again).toMatchObject({ refusal: { code: 'order_not_waiting' } })
  })

  test('that is done can still be given back, naming what was paid', () => {
    channel.say('pia', '!get name-it x')
    done()
    channel.send({ kind: 'store.giveBack', order: last().id, by: 'wanda' })
    expect(channel.balance('pia')).toBe(1000)
    const returned = channel.world.appended(transfers).at(-1)
    expect(returned).toMatchObject({ reason: 'gaveBack', returns: last().payment, amount: 45 })
    channel.say('pia', '!get whistle')
    channel.send({ kind: 'store.giveBack', order: last().id, by: 'wanda' })
    expect(channel.balance('pia')).toBe(1000)
    expect(channel.sum()).toBe(0)
  })

  test('costs nothing where the price is 0, and waits all the same', () => {
    channel.reward({ price: 0 })
    expect(channel.say('pia', '!get lamp')).toBe('pia got Lamp.')
    done()
    channel.send({ kind: 'store.reopen', order: last().id, by: 'wanda' })
    channel.send({ kind: 'store.giveBack', order: last().id, by: 'wanda' })
    expect(last().status).toBe('refunded')
    expect(channel.balance('pia')).toBe(1000)
  })

  test('shows the alert of its reward, filled in', () => {
    const alert = channel.alert()
    channel.reward({ price: 10, alert })
    channel.say('pia', '!get lamp')
    expect(channel.facts('screen.alert')).toMatchObject([
      { audience: 'overlay', body: { alert, title: 'End of shift', line: 'pia, 10 rivets', sound: 'whistle' } },
    ])
  })
})

describe('what is bought for a time', () => {
  test('by hand: begins when it is done and comes back to the bench', () => {
    channel.reward({ price: 10, perk: { seconds: HOUR, circle: null } })
    channel.say('pia', '!get lamp')
    wait(500)
    done()
    expect(last()).toMatchObject({ status: 'running', beginsAt: channel.now, endsAt: channel.now + HOUR })
    expect(channel.world.get(accounts, last().id)?.balance).toBe(0)
    wait(HOUR)
    expect(last()).toMatchObject({ status: 'back' })
    expect(channel.facts('order.back')).toHaveLength(1)
    done()
    expect(last()).toMatchObject({ status: 'done', endedBy: 'wanda' })
    channel.send({ kind: 'store.reopen', order: last().id, by: 'wanda' })
    expect(last().status).toBe('back')
  })

  test('a circle is joined at once and left by itself; bought again it lasts longer', () => {
    const id = circle()
    channel.reward({ price: 10, kind: 'itself', perk: { seconds: HOUR, circle: id } })
    channel.say('pia', '!get lamp')
    const first = last()
    expect(channel.viewer('pia').circles).toEqual([id])
    wait(HOUR / 2)
    channel.say('pia', '!get lamp')
    expect(last()).toMatchObject({ status: 'running', endsAt: (first.endsAt ?? 0) + HOUR })
    wait(HOUR / 2)
    expect(channel.world.get(orders, first.id)?.status).toBe('done')
    expect(channel.viewer('pia').circles).toEqual([id])
    wait(HOUR)
    expect(channel.viewer('pia').circles).toEqual([])
    expect(last().status).toBe('done')
  })

  test('given back while it is on, it is over at once; what was bought before it goes on', () => {
    const id = circle()
    channel.reward({ price: 10, kind: 'itself', perk: { seconds: HOUR, circle: id } })
    channel.say('pia', '!get lamp')
    channel.say('pia', '!get lamp')
    const [first, second] = channel.world.all(orders)
    channel.send({ kind: 'store.giveBack', order: second?.id ?? 0, by: 'wanda' })
    expect(channel.viewer('pia').circles).toEqual([id])
    channel.send({ kind: 'store.giveBack', order: first?.id ?? 0, by: 'wanda' })
    expect(channel.viewer('pia').circles).toEqual([])
    expect(channel.balance('pia')).toBe(1000)
  })
})

describe('codes', () => {
  const guide = () => channel.reward({ word: 'guide', name: 'Guide', price: 10, kind: 'code', low: 1 })
  const put = (reward: number, codes: string[]) => channel.send({ kind: 'store.codes', reward, codes })

  test('are handed out one by one, each once, to the buyer alone', () => {
    const reward = guide()
    expect(put(reward, ['A-1', 'B-2'])).toMatchObject({ value: { added: 2, known: 0 } })
    expect(put(reward, ['B-2', 'C-3'])).toMatchObject({ value: { added: 1, known: 1 } })
    const facts = channel.world.facts.length
    expect(channel.say('pia', '!get guide')).toBe(
      'pia bought Guide for 10 rivets, 990 rivets left. The code was sent to you alone.',
    )
    expect(channel.saidSince(facts)[0]).toBe('to pia: Your code for Guide: {code}')
    channel.say('jo', '!get guide')
    expect(channel.world.all(orders).map(({ code, status }) => [code, status])).toEqual([
      ['A-1', 'done'],
      ['B-2', 'done'],
    ])
    expect(channel.facts('store.codesLow').at(-1)?.body).toMatchObject({ name: 'Guide', left: 1 })
    channel.say('jo', '!get guide')
    expect(channel.say('jo', '!get guide')).toBe('jo: Guide is sold out: no code is left.')
    expect(codeListOf(channel.world, reward)).toMatchObject({ count: 3, given: 3 })
  })

  test('given back, the money is back and the code stays given out', () => {
    const reward = guide()
    put(reward, ['A-1'])
    channel.say('pia', '!get guide')
    channel.send({ kind: 'store.giveBack', order: last().id, by: 'wanda' })
    expect(channel.balance('pia')).toBe(1000)
    expect(channel.say('jo', '!get guide')).toContain('no code is left')
  })
})

describe('by post', () => {
  const buy = (address: string | null) =>
    channel.send({ kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'lamp', text: '', address })

  test('the address is asked on the page only, and erased some days after the order is done', () => {
    channel.reward({ price: 10, post: { days: 3 } })
    expect(channel.say('pia', '!get lamp')).toBe(
      'pia: Lamp comes by post. Buy it on the viewer page, where you can give an address.',
    )
    expect(buy('  ')).toMatchObject({ refusal: { code: 'address_missing' } })
    expect(buy('x'.repeat(501))).toMatchObject({ refusal: { code: 'text_too_long' } })
    expect(buy('Pia Ohm\nLampengasse 1').ok).toBe(true)
    expect(JSON.stringify(channel.world.facts)).not.toContain('Lampengasse')
    done()
    wait(3 * 86_400 - 1)
    expect(channel.world.get(addresses, last().id)?.address).toContain('Lampengasse')
    wait(1)
    expect(channel.world.get(addresses, last().id)?.address).toBeNull()
  })

  test('reopened, it is kept until it is done anew', () => {
    channel.reward({ price: 10, post: { days: 1 } })
    buy('Lampengasse 1')
    done()
    channel.send({ kind: 'store.reopen', order: last().id, by: 'wanda' })
    wait(2 * 86_400)
    expect(channel.world.get(addresses, last().id)?.address).toBe('Lampengasse 1')
  })
})

describe('buying', () => {
  test('wants confirmed what the streamer wants to hear', () => {
    channel.reward({ price: 10, confirm: 'I have looked at the shelf.' })
    expect(channel.say('pia', '!get lamp blue')).toBe(
      'pia: Lamp needs you to confirm: I have looked at the shelf. Add "yes" after the reward’s command to buy it.',
    )
    expect(channel.say('pia', '!get lamp yes the blue one')).toContain('bought Lamp')
    expect(last().text).toBe('the blue one')
    const page = { kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'lamp', text: '' } as const
    expect(channel.send(page)).toMatchObject({ refusal: { code: 'confirm_missing' } })
    expect(channel.send({ ...page, confirmed: true }).ok).toBe(true)
  })

  test('the same twice within some seconds is asked about on the page', () => {
    channel.reward({ price: 10 })
    const page = {
      kind: 'store.buy',
      who: { account: 'pia', name: 'pia' },
      word: 'lamp',
      text: '',
      again: false,
    } as const
    expect(channel.send(page).ok).toBe(true)
    channel.now += 5
    expect(channel.send(page)).toMatchObject({
      refusal: { code: 'order_twice', sentence: 'You ordered Lamp 5 seconds ago. Order it again?' },
    })
    expect(channel.send({ ...page, again: true }).ok).toBe(true)
    channel.now += 20
    expect(channel.send(page).ok).toBe(true)
  })

  test('by a word of its own', () => {
    channel.reward({ price: 10, command: true })
    expect(channel.say('pia', '!help lamp')).toBe('!lamp · Lamp, 10 rivets')
    expect(channel.say('pia', '!lamp blue')).toBe('pia bought Lamp for 10 rivets, 990 rivets left.')
    expect(last().text).toBe('blue')
    const clash = channel.send({ kind: 'command.save', command: null, settings: { ...COMMAND, word: 'lamp' } })
    expect(clash).toMatchObject({ refusal: { sentence: expect.stringContaining('the reward “Lamp”') } })
  })

  test('without a word in chat, where the streamer wants none', () => {
    channel.reward({ price: 10, say: false })
    expect(channel.hear('pia', '!get lamp')).toEqual([])
    expect(last().viewerName).toBe('pia')
    expect(channel.hear('jo', '!get lamp', true)).toHaveLength(1)
  })
})
