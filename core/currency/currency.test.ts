import fc from 'fast-check'
import { expect, test } from 'vitest'
import { digits, durationInWords, inWords, signed } from './index.ts'

const RIVETS = { one: 'rivet', many: 'rivets', word: 'rivets' }

test('amounts have grouped digits and the right word', () => {
  expect([0, 1, 2, 1204, 9_007_199_254_740_991].map((amount) => inWords(amount, RIVETS))).toEqual([
    '0 rivets',
    '1 rivet',
    '2 rivets',
    '1,204 rivets',
    '9,007,199,254,740,991 rivets',
  ])
  expect(digits(1_000_000)).toBe('1,000,000')
})

test('digits are grouped as the standard formatter groups them', () => {
  const standard = new Intl.NumberFormat('en')
  const whole = fc.maxSafeInteger().map((amount) => amount + 0)
  fc.assert(
    fc.property(fc.oneof(whole, fc.integer({ min: -2000, max: 2000 })), (n) => digits(n) === standard.format(n)),
  )
  expect(digits(12.5)).toBe('12.5')
})

test('durations are said in their two largest units', () => {
  expect([0, 45, 60, 95, 3600, 5400, 5430, 90_000].map(durationInWords)).toEqual([
    '0 s',
    '45 s',
    '1 min',
    '1 min 35 s',
    '1 h',
    '1 h 30 min',
    '1 h 30 min',
    '25 h',
  ])
})

test('a change bears its sign, and none where nothing changed', () => {
  expect([1204, -38, 0].map(signed)).toEqual(['+1,204', '−38', '0'])
})
