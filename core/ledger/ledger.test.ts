import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { Rows, World } from '../world/index.ts'
import {
  accounts,
  BOOKS,
  explainTransfer,
  flowOf,
  MAX_AMOUNT,
  minuteOf,
  mulDiv,
  openAccount,
  transfer,
  transfers,
} from './index.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

function worldWith(...balances: number[]): World {
  const world = new World(new Rows(true), 0, 100)
  world.begin({ key: 'test', at: 500 })
  for (const [i, balance] of balances.entries()) {
    openAccount(world, i + 1, 'wallet')
    if (balance > 0) transfer(world, { from: BOOKS.issued, to: i + 1, amount: balance, reason: 'watched' })
  }
  return world
}

const balance = (world: World, id: number) => world.get(accounts, id)?.balance

describe('a transfer', () => {
  test('moves the amount and records both balances right after it', () => {
    const world = worldWith(100, 5)
    const done = transfer(world, { from: 1, to: 2, amount: 30, reason: 'ordered', about: 9 })
    expect(done).toMatchObject({
      ok: true,
      value: { amount: 30, fromBalance: 70, toBalance: 35, about: 9, intent: 'test', at: 500 },
    })
    expect([balance(world, 1), balance(world, 2)]).toEqual([70, 35])
  })

  test.each([0, -5, 1.5, Number.NaN, 2 ** 53, Number.POSITIVE_INFINITY])('of %s is refused', (amount) => {
    expect(transfer(worldWith(100, 0), { from: 1, to: 2, amount, reason: 'ordered' })).toMatchObject({
      ok: false,
      refusal: { code: 'amount_not_whole' },
    })
  })

  test('beyond the balance is refused, says by how much, and changes nothing', () => {
    const world = worldWith(100, 0)
    const refused = transfer(world, { from: 1, to: 2, amount: 130, reason: 'ordered' })
    expect(refused).toMatchObject({ ok: false, refusal: { code: 'balance_too_small', data: { has: 100, short: 30 } } })
    expect(balance(world, 1)).toBe(100)
    expect(world.appended(transfers)).toHaveLength(1)
  })

  test('that would pass the largest balance is refused', () => {
    const world = worldWith(MAX_AMOUNT)
    const refused = transfer(world, { from: BOOKS.issued, to: 1, amount: 1, reason: 'watched' })
    expect(refused).toMatchObject({ ok: false, refusal: { code: 'amount_too_large' } })
  })

  test('to the same account, or to none, is a mistake of the caller', () => {
    expect(() => transfer(worldWith(10), { from: 1, to: 1, amount: 1, reason: 'ordered' })).toThrow(/itself/)
    expect(() => transfer(worldWith(10), { from: 1, to: 77, amount: 1, reason: 'ordered' })).toThrow(/no account 77/)
  })

  test('any sequence keeps the sum at 0 and no wallet below 0', () => {
    const account = fc.constantFrom(1, 2, 3, BOOKS.issued, BOOKS.spent, BOOKS.house)
    const move = fc.record({ from: account, to: account, amount: fc.integer({ min: -3, max: 400 }) })
    fc.assert(
      fc.property(fc.array(move, { maxLength: 60 }), (moves) => {
        const world = worldWith(200, 50, 0)
        for (const { from, to, amount } of moves)
          if (from !== to) transfer(world, { from, to, amount, reason: 'ordered' })
        const held = [1, 2, 3].map((id) => balance(world, id) ?? Number.NaN)
        const inBooks = world
          .appended(transfers)
          .reduce((sum, { from, to, amount }) => sum + (to < 0 ? amount : 0) - (from < 0 ? amount : 0), 0)
        expect(held.reduce((a, b) => a + b) + inBooks).toBe(0)
        expect(Math.min(...held)).toBeGreaterThanOrEqual(0)
      }),
    )
  })
})

describe('amounts', () => {
  test('mulDiv is exact where floating point is not', () => {
    fc.assert(
      fc.property(fc.maxSafeNat(), fc.nat(1_000_000), fc.integer({ min: 1, max: 1_000_000 }), (a, b, by) => {
        const exact = (BigInt(a) * BigInt(b)) / BigInt(by)
        fc.pre(exact <= BigInt(MAX_AMOUNT))
        expect(BigInt(mulDiv(a, b, by))).toBe(exact)
      }),
    )
  })
})

describe('flow', () => {
  test('counts what reaches and leaves wallets once, and takes back what is given back', () => {
    const world = worldWith(500)
    openAccount(world, 50, 'pot')
    const paid = transfer(world, { from: 1, to: 50, amount: 90, reason: 'ordered' })
    transfer(world, { from: 50, to: BOOKS.spent, amount: 40, reason: 'delivered' })
    transfer(world, { from: 50, to: 1, amount: 50, reason: 'gaveBack', returns: paid.ok ? paid.value.id : 0 })
    expect(flowOf(world, world.appended(transfers))).toEqual({ paid: 500, spent: 40 })
  })

  test('a minute begins at a multiple of 60', () => {
    expect([minuteOf(0), minuteOf(59), minuteOf(60), minuteOf(119)]).toEqual([0, 0, 60, 60])
  })
})

describe('the trail’s sentences', () => {
  test('say the figures behind the amount', () => {
    const detail = { payouts: 3, each: 10, interval: 300 }
    expect(explainTransfer({ reason: 'watched', amount: 30, detail }, CURRENCY)).toBe('Watched 15 min: 3 × 10 rivets')
    expect(explainTransfer({ reason: 'watched', amount: 7, detail }, CURRENCY)).toBe(
      'Watched 15 min: 3 × 10 rivets, cut at the balance cap',
    )
    expect(explainTransfer({ reason: 'gaveBack', amount: 60, detail: { name: 'Factory whistle' } }, CURRENCY)).toBe(
      'Refunded: Factory whistle',
    )
  })
})
