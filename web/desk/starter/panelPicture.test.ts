import fc from 'fast-check'
import { expect, test } from 'vitest'
import { linesWithin } from './panelPicture.ts'

const byLetters = (text: string) => Array.from(text).length

test.each([
  ['watch, earn, spend', 10, 3, ['watch,', 'earn,', 'spend']],
  ['watch, earn, spend', 12, 1, ['watch, earn…']],
  ['averyverylongword', 6, 2, ['averyv', 'erylo…']],
  ['', 6, 2, []],
])('%s in lines of %i', (text, room, most, lines) => expect(linesWithin(text, room, most, byLetters)).toEqual(lines))

test('no line is wider than there is room for, and nothing is left out where there are lines enough', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme' }), fc.integer({ min: 3, max: 30 }), (text, room) => {
      const lines = linesWithin(text, room, 1000, byLetters)
      expect(lines.every((line) => byLetters(line) <= room)).toBe(true)
      const written = (one: string) => one.replaceAll(/\s/g, '')
      expect(written(lines.join(''))).toBe(written(text))
    }),
  )
})
