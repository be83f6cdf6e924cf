import { expect, test } from 'vitest'
import { leastWidth } from './leastWidth.ts'

test('a table needs what its columns are wide, and something for each that takes what is left', () => {
  expect(leastWidth([])).toBe(0)
  expect(leastWidth([{ width: 'w-20' }, { width: 'w-2.5' }])).toBe(90)
  expect(leastWidth([{ width: 'w-1/4' }, {}])).toBe(220)
  expect(leastWidth([{ letters: 10 }])).toBe(114)
})
