import { Type } from '@sinclair/typebox'
import { expect, test } from 'vitest'
import { exactly, orNull, whole } from './schema.ts'
import { schemaFaults } from './schemaFaults.ts'

const Asks = Type.Union([
  exactly({ of: Type.Literal('nothing') }),
  exactly({ of: Type.Literal('text'), question: Type.String({ minLength: 1 }), most: whole(1, 500) }),
])
const Reward = exactly({
  name: Type.String({ minLength: 1, maxLength: 5 }),
  kind: Type.Union([Type.Literal('hand'), Type.Literal('code')]),
  price: whole(0, 100),
  asks: Asks,
  stock: orNull(whole(1)),
  words: Type.Array(Type.String(), { maxItems: 1 }),
})
const GOOD = { name: 'Hat', kind: 'hand', price: 5, asks: { of: 'nothing' }, stock: null, words: [] }

test('what is as it should be has no faults', () => expect(schemaFaults(Reward, GOOD)).toEqual({}))

test.each([
  [{ name: '' }, { name: 'Fill this in.' }],
  [{ name: 'Hatter' }, { name: 'Can have 5 characters at most.' }],
  [{ price: 101 }, { price: 'Must be 100 or less.' }],
  [{ price: 1.5 }, { price: 'Must be a whole number.' }],
  [{ kind: 'gift' }, { kind: 'Must be one of hand, code.' }],
  [{ stock: 0 }, { stock: 'Must be 1 or more.' }],
  [{ words: ['a', 'b'] }, { words: 'Can have 1 line at most.' }],
  [{ words: [7] }, { 'words.0': 'Must be a text.' }],
  [{ colour: 'red' }, { colour: 'Is not known here. Leave it out.' }],
  [{ price: undefined }, { price: 'Is missing.' }],
  // Of several shapes the one that was meant is told about.
  [{ asks: { of: 'text', question: '', most: 10 } }, { 'asks.question': 'Fill this in.' }],
  [{ asks: { of: 'text', question: 'Which?' } }, { 'asks.most': 'Is missing.' }],
  [{ asks: { of: 'dance' } }, { asks: 'Is none of what it can be.' }],
])('%j is told with its place', (patch, faults) => {
  expect(schemaFaults(Reward, JSON.parse(JSON.stringify({ ...GOOD, ...patch })))).toEqual(faults)
})

test('no more places are told than can be read, and none at full length if it is longer than any of ours', () => {
  const many = Object.fromEntries(Array.from({ length: 500 }, (_, i) => [`${i}`.repeat(300), 1]))
  const faults = schemaFaults(Reward, { ...GOOD, ...many })
  expect(Object.keys(faults)).toHaveLength(20)
  expect(Math.max(...Object.keys(faults).map(({ length }) => length))).toBeLessThan(130)
})

test('a name that every object has is told, too', () => {
  expect(schemaFaults(Reward, JSON.parse('{"__proto__":1}'))).toHaveProperty('name')
  expect(
    Object.keys(schemaFaults(Type.Object({}, { additionalProperties: false }), JSON.parse('{"__proto__":1}'))),
  ).toEqual(['__proto__'])
})

const Word = Type.Union([
  exactly({ word: Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,3}$' }) }),
  exactly({ none: Type.Literal(true) }),
])

test.each(['é_9', 'ß', '𝒜'])('a word of any script is one: %s', (word) =>
  expect(schemaFaults(Word, { word })).toEqual({}),
)

test.each(['{', '}', 'p{L', '', null])('what only the pattern is written with is no word: %s', (word) =>
  expect(Object.keys(schemaFaults(Word, { word }))).toEqual(['word']),
)

test('a word that is missing is said to be', () =>
  expect(schemaFaults(exactly({ word: Type.String({ pattern: '^a$' }) }), {})).toEqual({ word: 'Is missing.' }))
