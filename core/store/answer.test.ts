import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { checkAnswer } from './answer.ts'
import type { Asks } from './schema.ts'

const text: Asks = { of: 'text', question: 'Which?', least: 3, most: 10 }
const choice: Asks = { of: 'choice', question: 'Which tool?', choices: ['Hammer', 'Tweezers', 'Tape'] }
const number: Asks = { of: 'number', question: 'How many?', from: -2, to: 12 }
const link: Asks = { of: 'link', question: 'Which song?' }

const good = (asks: Asks, typed: string) => {
  const answer = checkAnswer('Lamp', asks, typed)
  return answer.ok ? answer.value : answer.refusal.sentence
}

describe('what a buyer says', () => {
  test.each<[Asks, string, string]>([
    [text, '  the   lamp ', 'the lamp'],
    [text, 'ab', 'That is 2 characters long; Lamp needs 3 or more.'],
    [text, 'x'.repeat(11), 'That is 11 characters long; 10 is the most. Shorten it.'],
    [
      text,
      '👨‍👩‍👧‍👦👨‍👩‍👧',
      '👨‍👩‍👧‍👦👨‍👩‍👧'.length > 10 ? 'That is 12 characters long; 10 is the most. Shorten it.' : '',
    ],
    [text, '', 'Lamp asks: Which? Type it after the command.'],
    [choice, 'HAMMER', 'Hammer'],
    [choice, 'tw', 'Tweezers'],
    [choice, 't', '"t" is not on the list of Lamp. Choose one: Hammer, Tweezers, Tape.'],
    [choice, '', 'Lamp asks: Which tool? (Hammer, Tweezers, Tape) Type it after the command.'],
    [number, '007', '7'],
    [number, '-2', '-2'],
    [number, '13', 'Lamp needs a whole number from -2 to 12, like -2.'],
    [number, '1.5', 'Lamp needs a whole number from -2 to 12, like -2.'],
    [number, '1e3', 'Lamp needs a whole number from -2 to 12, like -2.'],
    [link, 'https://example.com/song?id=1', 'https://example.com/song?id=1'],
    [link, 'javascript:alert(1)', 'Lamp needs a link that begins with https://, and nothing else.'],
    [link, 'https://pia@example.com', 'Lamp needs a link that begins with https://, and nothing else.'],
    [link, 'see https://example.com', 'Lamp needs a link that begins with https://, and nothing else.'],
    [{ of: 'nothing' }, '', ''],
    [{ of: 'nothing' }, 'x'.repeat(201), 'That is 201 characters long; 200 is the most. Shorten it.'],
  ])('%j: %s', (asks, typed, expected) => {
    expect(good(asks, typed)).toBe(expected)
  })

  test('never turns other text round, hides anything or breaks a line', () => {
    expect(good({ of: 'nothing' }, 'a\u202eb\u200bc\u0007d\ne\ufefff')).toBe('abcd ef')
    expect(good({ of: 'nothing' }, '<b>{{ viewer.name }}</b>')).toBe('<b>{{ viewer.name }}</b>')
  })

  test('is kept as it is, once it was taken', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(text, choice, number, link),
        fc.string({ unit: 'grapheme', maxLength: 40 }),
        (asks, typed) => {
          const once = checkAnswer('Lamp', asks, typed)
          if (once.ok) expect(checkAnswer('Lamp', asks, once.value)).toEqual(once)
          else expect(once.refusal.sentence.length).toBeGreaterThan(10)
        },
      ),
    )
  })
})
