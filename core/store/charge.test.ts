import { expect, test } from 'vitest'
import { earningSetting } from '../earning/index.ts'
import { chargeOf } from './charge.ts'
import { holdingsOf } from './price.ts'

// 10 every 300 s.
const plan = { ...earningSetting.initial, base: 10, intervalSeconds: 300 }
const holdings = holdingsOf(Array.from({ length: 101 }, (_, i) => i * 10))

test.each([
  [0, undefined],
  [9, 'cheap'],
  [10, undefined],
  [940, undefined],
  [970, 'dear'],
  [5000, 'dear'],
])('%i is %s', (price, charge) => expect(chargeOf(price, plan, holdings)).toBe(charge))

test('where nobody came nothing is out of reach, and where watching pays nothing nothing is cheap', () => {
  expect(chargeOf(5000, plan, holdingsOf([]))).toBeUndefined()
  expect(chargeOf(1, { ...plan, base: 0 }, holdingsOf([]))).toBeUndefined()
})
