import { expect, test } from 'vitest'
import { differencesOf } from './differences.ts'

test('what differs is told field by field, in words', () => {
  const before = { price: 60, on: true, group: '', limits: { eachSeconds: 0 }, words: ['a'], to: null }
  const after = { price: 1200, on: false, group: 'fun', limits: { eachSeconds: 30 }, words: ['a', 'b'], to: null }
  expect(differencesOf(before, after)).toEqual([
    { place: 'Price', before: '60', after: '1,200' },
    { place: 'On', before: 'yes', after: 'no' },
    { place: 'Group', before: 'none', after: '“fun”' },
    { place: 'Limits, each seconds', before: '0', after: '30' },
    { place: 'Words, 2', before: undefined, after: '“b”' },
  ])
})

test('settings that are the same but for the order of their fields do not differ', () =>
  expect(differencesOf({ a: 1, b: [{ c: 2 }] }, { b: [{ c: 2 }], a: 1 })).toEqual([]))

test('a list that was emptied says so', () =>
  expect(differencesOf({ words: ['a'] }, { words: [] })).toEqual([
    { place: 'Words, 1', before: '“a”', after: undefined },
    { place: 'Words', before: undefined, after: 'nothing' },
  ]))
