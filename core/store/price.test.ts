import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { earningSetting, examplesOf, getsOf } from '../earning/index.ts'
import { firstFault } from '../faults.ts'
import { rewardFaults, rewardHints } from './faults.ts'
import {
  atOnce,
  couldBuy,
  holdingsOf,
  medianOf,
  neighboursOf,
  priceInWatching,
  watchingInWords,
  whenAtOnce,
  wouldSell,
} from './price.ts'
import { PLAIN_REWARD, type RewardSettings, UNLIMITED } from './schema.ts'
import { rewardInWords } from './sentences.ts'
import { readCodes } from './shelf.ts'

const plan = { ...earningSetting.initial, base: 10, intervalSeconds: 300 }

describe('a price in watching', () => {
  test('is what an hour of it pays each kind of viewer, rounded up to the second', () => {
    const [watches] = priceInWatching(plan, [], 900)
    // 10 every 300 s are 120 an hour: 900 are 7.5 hours.
    expect(watches).toEqual({ name: 'Only watches', seconds: 27_000 })
    expect(watchingInWords(27_000)).toBe('7.5 h')
    expect(watchingInWords(1801)).toBe('31 min')
    expect(watchingInWords(5400)).toBe('1.5 h')
  })

  test('is never for who earns nothing, and never too short for who does', () => {
    expect(priceInWatching({ ...plan, base: 0 }, [], 900)[0]).toEqual({ name: 'Only watches', seconds: null })
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e9 }), fc.integer({ min: 1, max: 1000 }), (price, base) => {
        const changed = { ...plan, base }
        for (const [i, { seconds }] of priceInWatching(changed, [], price).entries()) {
          const hour = getsOf(changed, examplesOf([])[i] ?? { name: '', standings: [], chats: false }, {
            shows: 0,
            seconds: 0,
          }).hour
          expect((seconds ?? 0) * hour).toBeGreaterThanOrEqual(price * 3600)
        }
      }),
    )
  })
})

describe('a newcomer', () => {
  const has = atOnce({ ...plan, welcome: 50, support: { ...plan.support, follow: 30, subscription: [200, 400, 800] } })

  test('has at once what the welcome, a follow and a subscription bring', () =>
    expect(has).toEqual({ welcome: 50, following: 80, subscribing: 280 }))

  test.each([
    [50, 'welcome'],
    [51, 'following'],
    [280, 'subscribing'],
    [281, undefined],
  ])('at %i: %s', (price, when) => expect(whenAtOnce(price, has)).toBe(when))
})

describe('what people hold', () => {
  const balances = Array.from({ length: 201 }, (_, i) => i * 10)

  test('is told by even steps: who could buy, and the middle', () => {
    const holdings = holdingsOf(balances)
    expect(medianOf(holdings)).toBe(1000)
    expect(couldBuy(holdings, 0)).toBe(201)
    expect(couldBuy(holdings, 2001)).toBe(0)
    expect(couldBuy(holdings, 1500)).toBe(50)
    expect(couldBuy(holdingsOf([]), 10)).toBe(0)
  })

  test('a higher price is never for more people', () => {
    const amounts = fc.array(fc.nat(5000), { minLength: 1, maxLength: 300 }).map((list) => list.sort((a, b) => a - b))
    fc.assert(
      fc.property(amounts, fc.nat(6000), fc.nat(6000), (list, one, more) => {
        const holdings = holdingsOf(list)
        expect(couldBuy(holdings, one + more)).toBeLessThanOrEqual(couldBuy(holdings, one))
        expect(couldBuy(holdings, 0)).toBe(list.length)
      }),
    )
  })

  test('tells about how many would be sold: by its own sales, else by its neighbours', () => {
    const holdings = holdingsOf(balances)
    const sales = [
      { reward: 1, name: 'Cheap', price: 100, sold: 40 },
      { reward: 2, name: 'Dear', price: 1500, sold: 10 },
    ]
    expect(wouldSell(holdings, sales, { reward: 2, price: 1500, shows: 10 })).toBe(10)
    expect(wouldSell(holdings, sales, { reward: 2, price: 1750, shows: 10 })).toBe(5)
    expect(neighboursOf(sales, 800, null).map(({ name }) => name)).toEqual(['Cheap', 'Dear'])
    expect(wouldSell(holdings, sales, { reward: null, price: 1000, shows: 10 })).toBeGreaterThan(10)
    expect(wouldSell(holdings, [], { reward: null, price: 10, shows: 10 })).toBeNull()
  })
})

describe('a reward’s settings', () => {
  const faulty = (settings: Partial<RewardSettings>) => firstFault(rewardFaults({ ...PLAIN_REWARD, ...settings }))

  test('that contradict themselves are refused with what to change', () => {
    expect(faulty({ from: 20, to: 10 })).toContain('would end before it begins')
    expect(faulty({ asks: { of: 'text', question: 'x', least: 9, most: 3 } })).toContain('Swap the two')
    expect(faulty({ asks: { of: 'number', question: 'x', from: 9, to: 3 } })).toContain('Swap the two')
    expect(faulty({ asks: { of: 'choice', question: 'x', choices: ['a', ' A '] } })).toContain(
      'Two choices are the same',
    )
    expect(faulty({ kind: 'itself', post: { days: 3 } })).toContain('do it yourself')
    expect(faulty({ kind: 'code', perk: { seconds: 60, circle: null } })).toContain('cannot be taken back')
    expect(faulty({ steps: [{ do: 'say', text: 'x' }] })).toContain('Steps run only')
    expect(faulty({ doneText: '{{ viewer.nam }}' })).toContain('viewer.nam')
    expect(faulty({})).toBeUndefined()
  })

  test('that may not be meant so are pointed out', () => {
    const hints = (settings: Partial<RewardSettings>, cap = 0, codes = 1) =>
      rewardHints({ ...PLAIN_REWARD, ...settings }, cap, codes).join(' ')
    const none = UNLIMITED
    expect(hints({ price: 0 })).toContain('It is free')
    expect(hints({ price: 501 }, 500)).toContain('Nobody can ever have 501')
    expect(hints({ stock: { ...none, show: 3 }, each: { ...none, show: 5 } })).toContain('only 3')
    expect(hints({ stock: { ...none, all: 3, show: 5 } })).toContain('only 3 in all')
    expect(hints({ kind: 'itself' })).toContain('Nothing happens')
    expect(hints({ kind: 'code' }, 0, 0)).toContain('no codes yet')
    expect(hints({})).toBe('')
  })

  test('are read back in plain sentences', () => {
    const settings: RewardSettings = {
      ...PLAIN_REWARD,
      asks: { of: 'text', question: 'Which thing?', least: 1, most: 50 },
      stock: { ...UNLIMITED, show: 3 },
      each: { ...UNLIMITED, all: 10, show: 1 },
      rest: { everyoneSeconds: 120, eachSeconds: 0 },
      confirm: 'It stands on the shelf.',
    }
    expect(rewardInWords(settings, '900 rivets', 'everyone', 'UTC')).toBe(
      'Everyone can buy this for 900 rivets and must answer: “Which thing?” There are 3 in each show. Each viewer can have 1 in each show and 10 in all. Cooldown of 2 min after each purchase. The buyer confirms: It stands on the shelf. You do it yourself.',
    )
  })
})

test('codes are read from what was pasted: blank lines, quotes, repeats and further columns go', () => {
  expect(readCodes('\ufeffA-1\r\n\r\n "B-2",x\nA-1\n\t\nC;3\n')).toEqual({
    codes: ['A-1', 'B-2', 'C'],
    repeats: 1,
    tooLong: [],
  })
  expect(readCodes(`${'x'.repeat(201)}\nok`)).toMatchObject({ codes: ['ok'], tooLong: ['x'.repeat(201)] })
  expect(readCodes('').codes).toEqual([])
})
