import { beforeEach, describe, expect, test } from 'vitest'
import type { TestChannel } from '../../testing/core/channel.ts'
import { evening, later, potsOf, roundsOf } from '../../testing/core/evening.ts'
import { players } from '../games/index.ts'
import { explainTransfer, MAX_AMOUNT, transfers } from './index.ts'

let channel: TestChannel

/** Pia holds as much as anybody can, but for some. */
beforeEach(() => {
  channel = evening()
  channel.give('pia', MAX_AMOUNT)
  expect(channel.balance('pia')).toBe(MAX_AMOUNT)
})

describe('a wallet that is full', () => {
  test('is paid up to the cap by a wheel, which ends for everybody else as it would have', () => {
    const spend = channel.send({ kind: 'store.buy', who: { account: 'pia', name: 'pia' }, word: 'whistle', text: '' })
    expect(spend.ok).toBe(true)
    const bets = Array.from({ length: 37 }, (_, n) => String(n))
    for (const number of bets) channel.hear('pia', `!spin 1 ${number}`)
    channel.hear('jo', '!spin 10 red, 10 black, 10 0')
    for (let i = 0; i < 20; i++) later(channel, 30)
    const [wheel] = roundsOf(channel)
    expect(wheel).toMatchObject({ status: 'settled' })
    expect(channel.balance('pia')).toBeLessThanOrEqual(MAX_AMOUNT)
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })

  test('gets of a refund what it has room for; the order ends, and the trail says what was owed', () => {
    const bought = channel.send({
      kind: 'store.buy',
      who: { account: 'pia', name: 'pia' },
      word: 'name-it',
      text: 'Lamp',
    })
    const order = bought.ok ? bought.value.order : 0
    channel.give('pia', MAX_AMOUNT)
    expect(channel.send({ kind: 'store.giveBack', order, by: 'wanda' })).toMatchObject({ ok: true })
    expect(channel.balance('pia')).toBe(MAX_AMOUNT)
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
    const other = channel.send({
      kind: 'store.buy',
      who: { account: 'pia', name: 'pia' },
      word: 'name-it',
      text: 'Lamp',
    })
    channel.give('pia', 20)
    channel.send({ kind: 'store.giveBack', order: other.ok ? other.value.order : 0, by: 'wanda' })
    const back = channel.world.appended(transfers).findLast(({ reason }) => reason === 'gaveBack')
    expect(back).toMatchObject({ amount: 25, detail: { owed: 45 } })
    expect(back && explainTransfer(back, { one: 'rivet', many: 'rivets', word: 'rivets' })).toBe(
      'Refunded: Name the mended thing: 45 rivets owed, cut at the balance cap',
    )
    expect(channel.facts('balance.full').length).toBe(2)
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })

  test('gets of a called-off raffle, a stake that went back and a merge no more than it can hold', () => {
    const raffle = channel.raffle({ price: 30, mostTickets: 3, free: { everyone: 0, standings: [] } })
    channel.hear('pia', '!in 3')
    channel.hear('pia', '!duel 50')
    channel.give('pia', MAX_AMOUNT)
    channel.send({ kind: 'raffle.act', raffle, does: 'callOff', by: 'wanda', why: 'a test' } as never)
    later(channel, 600)
    later(channel, 600)
    channel.leave('jo')
    channel.send({ kind: 'people.merge', from: channel.viewer('jo').id, into: channel.viewer('pia').id })
    expect(channel.balance('pia')).toBe(MAX_AMOUNT)
    expect(channel.world.all(players).every(({ at }) => at !== undefined)).toBe(true)
    expect(roundsOf(channel).every(({ endedAt }) => endedAt !== null)).toBe(true)
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })
})
