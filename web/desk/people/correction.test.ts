import { expect, test } from 'vitest'
import { correctedInWords, undoneInWords } from './correction.ts'

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
  expect(undoneInWords({ changed: 1, total: -5, owed: 0, owing: [] }, CURRENCY)).toBe('Taken back: all is as it was.')
  const owing = [{ viewer: 'pia', owed: 60 }]
  expect(undoneInWords({ changed: 1, total: -40, owed: 60, owing }, CURRENCY)).toBe(
    'Taken back as far as it goes: pia had spent 60 rivets of it meanwhile.',
  )
})
