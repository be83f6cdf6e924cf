import fc from 'fast-check'
import { expect, test } from 'vitest'
import { shortWord } from './shortWord.ts'

test.each([
  ['Choose the next repair', [], 'choose'],
  ['Choose the next repair', ['choose'], 'repair'],
  ['The Übergang', [], 'ubergang'],
  ['Bump!', [], 'bump'],
  ['Choose the next repair', ['choose', 'repair'], 'choose-the-next-repair'],
  ['花', [], ''],
])('%s, where %o are taken: %s', (name, taken, word) => expect(shortWord(name, new Set(taken))).toBe(word))

test('whatever the name, it can be a chat word, or is empty', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (name) =>
      /^([a-z0-9-]{1,30})?$/.test(shortWord(name, new Set())),
    ),
  )
})
