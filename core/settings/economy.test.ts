import { expect, test } from 'vitest'
import { COMMAND, TestChannel } from '../../testing/core/channel.ts'
import { EVERYONE_MAY } from '../access/index.ts'

function withEconomy() {
  const channel = new TestChannel({ intervalSeconds: 60 })
  const show = channel.startShow()
  channel.arrive('pia')
  channel.arrive('jo')
  const pia = channel.viewer('pia').id
  channel.send({ kind: 'people.adjust', viewers: [pia], of: 'balance', how: 'give', amount: 500, why: '', by: 'w' })
  const turn = (on: boolean) => channel.send({ kind: 'economy.switch', on })
  const watch = () => {
    channel.now += 60
    channel.pay(show)
  }
  return { channel, turn, watch }
}

test('while it is off watching pays nothing and counts as watched; on again it pays from then on', () => {
  const { channel, turn, watch } = withEconomy()
  watch()
  expect(channel.balance('pia')).toBe(510)
  turn(false)
  watch()
  expect(channel.balance('pia')).toBe(510)
  expect(channel.watch('pia').watchedSeconds).toBe(120)
  turn(true)
  watch()
  expect(channel.balance('pia')).toBe(520)
  expect(channel.sum()).toBe(0)
})

test('while it is off nothing is bought, staked, given or charged, each with the reason; what is free goes on', () => {
  const { channel, turn } = withEconomy()
  channel.reward({ word: 'hello', price: 5 })
  channel.reward({ word: 'wave', price: 0 })
  channel.command({ ...COMMAND, word: 'lamp', who: EVERYONE_MAY, cost: 5, steps: [{ do: 'say', text: 'On it is.' }] })
  turn(false)
  const buy = (word: string) =>
    channel.send({ kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word, text: '' })
  expect(buy('hello')).toMatchObject({ refusal: { code: 'economy_off' } })
  expect(buy('wave')).toMatchObject({ ok: true })
  channel.send({ kind: 'people.handing', handing: { on: true, perDay: 100, reply: '' } })
  for (const line of ['!lamp', '!hand jo 5']) expect(channel.hear('pia', line).join()).toContain('switched off for now')
  expect(channel.balance('pia')).toBe(500)
  turn(true)
  expect(buy('hello')).toMatchObject({ ok: true })
  expect(channel.sum()).toBe(0)
})
