import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { digits, readAmount } from './index.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }
const read = (typed: string, balance = 1001) => {
  const result = readAmount(typed, balance, CURRENCY)
  return result.ok ? result.value : result.refusal.code
}

describe('an amount as it is typed', () => {
  test.each([
    ['250', 250],
    [' 250 ', 250],
    ['1,000', 1000],
    ['1.000.000', 1_000_000],
    ["12'500", 12_500],
    ['1k', 1000],
    ['1.5K', 1500],
    ['1,5k', 1500],
    ['2m', 2_000_000],
    ['１２', 12],
    ['all', 1001],
    ['HALF', 500],
    ['9007199254740991', Number.MAX_SAFE_INTEGER],
  ])('%s is %d', (typed, amount) => expect(read(typed)).toBe(amount))

  test.each([
    '',
    '0',
    '-5',
    '1.5',
    '1,5',
    '0.0001k',
    'k',
    '1kk',
    'NaN',
    'Infinity',
    '1e3',
    '0x10',
    'some',
    '1 2',
    '--1',
  ])('%j is no amount', (typed) => expect(read(typed)).toBe('amount_not_whole'))

  test.each(['9007199254740992', '99999999999m'])('%s is too large', (typed) =>
    expect(read(typed)).toBe('amount_too_large'),
  )

  test('of nothing is no amount, even all of it', () => {
    expect(read('all', 0)).toBe('amount_not_whole')
    expect(read('half', 1)).toBe('amount_not_whole')
  })

  test('the answer to what is no amount shows how one looks', () => {
    const result = readAmount('lots', 10, CURRENCY)
    expect(result.ok ? '' : result.refusal.sentence).toBe(
      '"lots" is not an amount. Type a whole number above 0, like 250 rivets, 1,000 or 1k; or half, or all.',
    )
  })

  test('whatever we show can be typed back', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: Number.MAX_SAFE_INTEGER }), (n) => {
        expect(read(digits(n))).toBe(n)
      }),
    )
  })

  test('nothing that is typed makes anything but a whole amount above 0', () => {
    const typed = fc.oneof(fc.string(), fc.stringMatching(/^[0-9.,kmKM' -]{0,20}$/), fc.double().map(String))
    fc.assert(
      fc.property(typed, fc.nat(), (text, balance) => {
        const result = readAmount(text, balance, CURRENCY)
        if (result.ok) expect(Number.isSafeInteger(result.value) && result.value > 0).toBe(true)
      }),
    )
  })
})
