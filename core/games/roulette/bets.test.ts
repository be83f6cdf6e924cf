import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { betInWords, MOST_BETS, readBets } from './bets.ts'
import type { On } from './schema.ts'
import { NUMBERS } from './wheel.ts'

const currency = { one: 'rivet', many: 'rivets', word: 'rivets' }
const read = (typed: string, balance = 1000) => readBets(typed, balance, currency)
const words = (typed: string, balance?: number) => {
  const bets = read(typed, balance)
  return bets.ok ? bets.value.map(({ bet, stake }) => `${stake} ${betInWords(bet)}`).join(', ') : bets.refusal.code
}

describe('bets as they are typed', () => {
  test.each([
    ['50 red', '50 red'],
    ['20 17', '20 17'],
    ['20 0', '20 0'],
    ['10 second dozen', '10 second dozen'],
    ['10 2nd column', '10 second column'],
    ['5 column 3', '5 third column'],
    ['5 1 dozen', '5 first dozen'],
    ['1k LOW', '1000 low'],
    ['1,000 on 19-36', '1000 high'],
    ['50 red 20 17 10 second dozen', '50 red, 20 17, 10 second dozen'],
    ['50 red, 20 17; and 10 odd', '50 red, 20 17, 10 odd'],
    ['half black all even', '500 black, 500 even'],
  ])('%j', (typed, bets) => expect(words(typed)).toBe(bets))

  test.each([
    '',
    'red',
    '50',
    '50 37',
    '50 blue',
    '50 -1',
    '50 fourth dozen',
    '50 dozen',
    '50 dozen dozen',
    '50 red 20',
    '50 constructor',
  ])('%j is no bet', (typed) => {
    const bets = read(typed)
    expect(bets.ok ? '' : bets.refusal.sentence).toMatch(/like: 50 red, 20 17 or 10 second dozen\.$/)
  })

  test.each([
    ['0 red', 1000],
    ['-5 red', 1000],
    ['1.5 red', 1000],
    ['all red', 0],
    ['all red 5 odd all even', 1000],
  ])('%j with %i', (typed, balance) => expect(words(typed, balance)).toBe('amount_not_whole'))

  test('more than can be followed are refused', () => {
    expect(read('1 red '.repeat(MOST_BETS)).ok).toBe(true)
    expect(words('1 red '.repeat(MOST_BETS + 1))).toBe('bet_unclear')
  })

  test('read back as what was meant', () => {
    const on: fc.Arbitrary<On> = fc.oneof(
      fc.record({ on: fc.constant('number' as const), number: fc.integer({ min: 0, max: NUMBERS - 1 }) }),
      fc.record({
        on: fc.constantFrom('dozen' as const, 'column' as const),
        which: fc.constantFrom(1 as const, 2 as const, 3 as const),
      }),
      fc.record({
        on: fc.constantFrom(
          'red' as const,
          'black' as const,
          'odd' as const,
          'even' as const,
          'low' as const,
          'high' as const,
        ),
      }),
    )
    const bets = fc.array(fc.record({ bet: on, stake: fc.integer({ min: 1, max: 9999 }) }), {
      minLength: 1,
      maxLength: MOST_BETS,
    })
    fc.assert(
      fc.property(bets, (meant) => {
        const typed = meant.map(({ bet, stake }) => `${stake} ${betInWords(bet)}`).join(' ')
        expect(read(typed)).toEqual({ ok: true, value: meant })
      }),
    )
  })

  test('whatever is typed is read or refused', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.integer({ min: 0, max: 2 ** 53 - 1 }), (typed, balance) => {
        const bets = readBets(typed, balance, currency)
        if (bets.ok) for (const { stake } of bets.value) expect(stake).toBeGreaterThan(0)
        else expect(bets.refusal.sentence).not.toBe('')
      }),
    )
  })
})
