import { expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { earningSetting } from '../earning/index.ts'
import { flows } from '../ledger/index.ts'
import { TEST, viewers } from '../people/index.ts'
import { orders, saleCountsOf, UNLIMITED } from '../store/index.ts'

const WHO = { issuer: TEST, account: '1', name: 'Test viewer' }

function withStore() {
  const channel = new TestChannel()
  const reward = channel.reward({
    word: 'hello',
    name: 'Say hello',
    price: 700,
    kind: 'hand',
    stock: { ...UNLIMITED, all: 1 },
  })
  const begin = () => channel.send({ kind: 'starter.tryAsViewer', account: '1', by: 'wanda' })
  const buy = (word = 'hello') => channel.send({ kind: 'store.buy', who: WHO, word, text: '' })
  return { channel, reward, begin, buy }
}

test('the test viewer can buy everything twice, and nothing of it counts: no figure, no stock, no place in a list', () => {
  const { channel, begin, buy, reward } = withStore()
  channel.startShow()
  expect(begin()).toMatchObject({ value: { balance: 1400 } })
  expect(buy()).toMatchObject({ ok: true })
  expect(buy()).toMatchObject({ ok: true })
  expect(saleCountsOf(channel.world, reward, null).total).toBe(0)
  expect(channel.world.all(flows).reduce((sum, { paid, spent }) => sum + paid + spent, 0)).toBe(0)
  expect(channel.world.all(orders).map(({ show, viewerName }) => [show, viewerName])).toEqual([
    [null, 'Test viewer'],
    [null, 'Test viewer'],
  ])
  expect(channel.sum()).toBe(0)
  expect(begin()).toMatchObject({ value: { balance: 1400 } })
})

test('what they bought is done or given back like any order, and stock stays what it was', () => {
  const { channel, begin, buy, reward } = withStore()
  begin()
  const bought = buy()
  const order = bought.ok ? Number((bought.value as { order: number }).order) : 0
  expect(channel.send({ kind: 'store.giveBack', order, by: 'wanda' })).toMatchObject({ ok: true })
  expect(saleCountsOf(channel.world, reward, null).total).toBe(0)
  channel.arrive('pia')
  channel.send({
    kind: 'people.adjust',
    viewers: [channel.viewer('pia').id],
    of: 'balance',
    how: 'give',
    amount: 700,
    why: '',
    by: 'w',
  })
  expect(
    channel.send({ kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'hello', text: '' }),
  ).toMatchObject({ ok: true })
  expect(channel.sum()).toBe(0)
})

test('they get no code, take part in no game and in no raffle', () => {
  const { channel, begin, buy } = withStore()
  channel.reward({ word: 'key', name: 'A key', price: 1, kind: 'code' })
  begin()
  expect(buy('key')).toMatchObject({ refusal: { code: 'test_gets_no_code' } })
  expect(channel.send({ kind: 'people.checkIn', who: WHO })).toMatchObject({ ok: false })
})

test('they are merged with nobody, and do not wait as newcomers do', () => {
  const { channel, begin, buy } = withStore()
  channel.send({ kind: 'earning.change', plan: { ...earningSetting.initial, newcomerWaitSeconds: 600 }, by: 'w' })
  begin()
  expect(buy()).toMatchObject({ ok: true })
  channel.arrive('pia')
  const test = channel.world.all(viewers).find(({ issuer }) => issuer === TEST)
  const pia = channel.viewer('pia').id
  for (const [from, into] of [
    [test?.id ?? 0, pia],
    [pia, test?.id ?? 0],
  ] as const)
    expect(channel.send({ kind: 'people.merge', from, into })).toMatchObject({ refusal: { code: 'merge_test_viewer' } })
})

test('no file makes one, or gives them anything', () => {
  const { channel } = withStore()
  const line = { issuer: TEST, account: '1', name: 'x', balance: 5000, seconds: null, kept: { ignored: false } }
  channel.send({ kind: 'people.import', digest: 'a', how: 'set', by: 'w', lines: [line] })
  expect(channel.world.all(viewers)).toEqual([])
})
