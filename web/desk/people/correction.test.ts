import { describe, expect, test } from 'vitest'
import { correctedInWords, hoursCorrected, readHours, undoneInWords } from './correction.ts'

const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }
const corrected = (asked: number, changed: number, total: number, whom = 'pia') =>
  correctedInWords({ adjustments: [1], asked, changed, total }, whom, CURRENCY)

test('a correction is told with what it came to', () => {
  expect(corrected(1, 1, 250)).toBe('Gave pia 250 rivets.')
  expect(corrected(1, 1, -1)).toBe('Took 1 rivet from pia.')
  expect(corrected(3, 2, 1000, 'everyone in the room')).toBe(
    'Gave everyone in the room 1,000 rivets in all, 2 of 3 changed.',
  )
  expect(corrected(1, 0, 0)).toBe('Nothing changed: pia has that already.')
})

test('what could not be taken back is named', () => {
  expect(undoneInWords({ changed: 1, total: -5, owed: 0, owing: [] }, CURRENCY)).toBe(
    'Undone: everything is as it was.',
  )
  const owing = [{ viewer: 'pia', owed: 60 }]
  expect(undoneInWords({ changed: 1, total: -40, owed: 60, owing }, CURRENCY)).toBe(
    'Undone as far as possible: pia had already spent 60 rivets of it.',
  )
})

describe('hours', () => {
  test.each([
    ['12', 43_200],
    ['1.5', 5400],
    ['1:30', 5400],
  ])('"%s" are %d seconds', (typed, value) => expect(readHours(typed, 'give')).toEqual({ ok: true, value }))

  test.each(['', 'long', '1:75', '-1', '0'])('"%s" says how hours look', (typed) =>
    expect(readHours(typed, 'take')).toMatchObject({
      ok: false,
      refusal: { sentence: expect.stringMatching(/like 12/) },
    }),
  )

  test('can be set to nothing', () => expect(readHours('0', 'set')).toEqual({ ok: true, value: 0 }))

  test('corrected are told in words', () => {
    const corrected = { adjustments: [1], asked: 1, changed: 1, total: -5400 }
    expect(hoursCorrected(corrected, 'pia')).toBe('Adjusted the hours of pia: 1 h 30 min less.')
    expect(hoursCorrected({ ...corrected, changed: 2, total: 60 }, 'two')).toBe(
      'Adjusted the hours of two: 1 min more in all.',
    )
    expect(hoursCorrected({ ...corrected, changed: 0 }, 'pia')).toBe('Nothing changed: pia had that already.')
  })
})
