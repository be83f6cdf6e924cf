import fc from 'fast-check'
import { expect, test } from 'vitest'
import { same } from './same.ts'

test('values are the same whatever the order of their parts’ names, and only then', () => {
  expect(same({ a: 1, b: { c: [1, 2], d: null } }, { b: { d: null, c: [1, 2] }, a: 1 })).toBe(true)
  expect(same({ a: [1, 2] }, { a: [2, 1] })).toBe(false)
  expect(same({ a: 1 }, { a: 1, b: undefined })).toBe(true)
  expect(same({ a: 1 }, { a: 1, b: null })).toBe(false)
})

test('a value is the same as itself turned round', () => {
  fc.assert(
    fc.property(fc.dictionary(fc.string(), fc.jsonValue()), (value) => {
      const turned = Object.fromEntries(Object.entries(value).reverse())
      expect(same(value, turned)).toBe(true)
    }),
  )
})
