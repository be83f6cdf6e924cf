import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { CURRENCY, TestChannel } from '../../testing/core/channel.ts'
import { minorDigits, moneyInWords } from '../currency/index.ts'
import { type Money, tipPays } from '../earning/index.ts'
import { explainTransfer, transfers } from '../ledger/index.ts'
import { waitingTips } from './index.ts'

const EUR: Money = { currency: 'EUR', rates: { USD: 920_000, JPY: 6_000 } }

describe('a tip', () => {
  test('counts in the minor units that its money has', () => {
    expect(['EUR', 'JPY', 'KWD'].map(minorDigits)).toEqual([2, 0, 3])
    expect(tipPays(EUR, 30, 750, 'EUR')).toBe(225)
    expect(tipPays(EUR, 30, 500, 'USD')).toBe(138)
    expect(tipPays(EUR, 30, 500, 'JPY')).toBe(90)
    expect(tipPays({ currency: 'JPY', rates: {} }, 2, 500, 'JPY')).toBe(1000)
    expect(tipPays({ currency: 'KWD', rates: {} }, 100, 1500, 'KWD')).toBe(150)
    expect(tipPays(EUR, 30, 500, 'GBP')).toBeUndefined()
    expect([moneyInWords(500, 'JPY'), moneyInWords(750, 'EUR')]).toEqual(['¥500', '€7.50'])
  })

  test('of more never pays less, and of one’s own money exactly what the rules say', () => {
    fc.assert(
      fc.property(
        fc.nat(1_000_000_000),
        fc.nat(1000),
        fc.integer({ min: 0, max: 1_000_000 }),
        fc.integer({ min: 1, max: 5_000_000 }),
        (minor, more, perUnit, rate) => {
          const money = { currency: 'EUR', rates: { USD: rate } }
          expect(tipPays(money, perUnit, minor + more, 'USD')).toBeGreaterThanOrEqual(
            tipPays(money, perUnit, minor, 'USD') ?? 0,
          )
          expect(tipPays(money, perUnit, minor, 'EUR')).toBe(Number((BigInt(minor) * BigInt(perUnit)) / 100n))
        },
      ),
    )
  })
})

describe('a tip in a currency without a rate', () => {
  const channelWith = (money: Money) => {
    const channel = new TestChannel()
    const plan = channel.livePlan()
    channel.plan({ support: { ...plan.support, tip: 30, money } })
    channel.arrive('pia')
    return channel
  }
  const tip = (channel: TestChannel, currency: string, id: string) =>
    channel.send({
      kind: 'event.received',
      source: 'test',
      type: 'ricompensa.tip',
      happenedAt: channel.now,
      who: { account: 'pia', name: 'pia' },
      body: { who: { account: 'pia', name: 'pia' }, minorUnits: 500, currency, id },
    })

  test('is never paid by guess: it waits, and is paid by a rate, an amount or not at all, once', () => {
    const channel = channelWith({ currency: 'EUR', rates: {} })
    expect(tip(channel, 'EUR', 'a')).toMatchObject({ value: { outcome: 'Paid 150 rivets.' } })
    expect(tip(channel, 'USD', 'b')).toMatchObject({ value: { outcome: expect.stringContaining('no rate for USD') } })
    expect(channel.balance('pia')).toBe(150)
    const [row] = channel.world.all(waitingTips)
    const decide = (pay: 'rate' | 'nothing' | number) => channel.send({ kind: 'tip.decide', tip: row?.id ?? 0, pay })
    expect(decide('rate')).toMatchObject({ refusal: { code: 'tip_no_rate' } })
    const { support } = channel.livePlan()
    channel.plan({ support: { ...support, money: EUR } })
    expect(decide('rate')).toMatchObject({ ok: true, value: { paid: 138 } })
    expect(decide('rate')).toMatchObject({ ok: false })
    expect(channel.balance('pia')).toBe(288)
    const paid = channel.world.appended(transfers).at(-1)
    expect(paid && explainTransfer(paid, CURRENCY)).toBe('Tipped $5.00')
    tip(channel, 'GBP', 'c')
    const other = channel.world.all(waitingTips).at(-1)
    expect(channel.send({ kind: 'tip.decide', tip: other?.id ?? 0, pay: 40 })).toMatchObject({ value: { paid: 40 } })
    tip(channel, 'GBP', 'd')
    const last = channel.world.all(waitingTips).at(-1)
    expect(channel.send({ kind: 'tip.decide', tip: last?.id ?? 0, pay: 'nothing' })).toMatchObject({
      value: { paid: 0 },
    })
    expect([channel.balance('pia'), channel.sum()]).toEqual([328, 0])
  })
})
