import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { timesInWords } from '#core/earning'
import { AMOUNT, readTimes, readWhole, unitOf } from './amounts.ts'

describe('a whole number', () => {
  test.each([
    ['12', 12],
    [' 1,000 ', 1000],
    ['', 0],
  ])('"%s" is %d', (text, number) => expect(readWhole(text, AMOUNT)).toBe(number))

  test.each(['-1', '1.5', 'ten', '1000000001', '1e3'])('"%s" says what to type', (text) =>
    expect(readWhole(text, AMOUNT)).toBe('Type a whole number from 0 to 1,000,000,000.'),
  )

  test('that must not be 0 must be given', () =>
    expect(readWhole('', { least: 1, most: 5 })).toBe('Type a whole number from 1 to 5.'))
})

describe('a multiplier', () => {
  test('comes out as it was written, whatever it is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 10_000 }), (times) => {
        expect(readTimes(timesInWords(times))).toBe(times)
      }),
    )
  })

  test.each(['0.5', '101', 'x2', '1.555', ''])('"%s" says what to type', (text) =>
    expect(readTimes(text)).toMatch(/^Type a number from 1 to 100/),
  )
})

test('seconds are shown in the largest unit they are a whole number of, and lose nothing', () => {
  expect(unitOf(5400)).toEqual({ value: 90, unit: 60 })
  expect(unitOf(7200)).toEqual({ value: 2, unit: 3600 })
  fc.assert(
    fc.property(fc.nat(1_000_000), (seconds) => {
      const { value, unit } = unitOf(seconds)
      expect(value * unit).toBe(seconds)
    }),
  )
})
