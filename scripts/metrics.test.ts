import { expect, test } from 'vitest'
import { count, countsOf, PARTS, quantile } from './metrics.ts'

test('functions are measured with their JSX, and casts are told from what is constant', () => {
  const text = `const Row = () => (
  <p>
    {read<Answer>('/x') as unknown as string}
    {one as never}
    {two as Three}
  </p>
)
const fixed = ['a'] as const
let loose: any
`
  expect(count('row.tsx', text)).toEqual({
    ...{ files: 1, fileLengths: [9], functionLengths: [7] },
    // Through unknown it is two.
    ...{ casts: 4, forced: 2, any: 1, answers: 1 },
  })
})

test('a quantile is the value of one of them', () => {
  expect([0, 0.5, 0.9, 1].map((part) => quantile([5, 1, 4, 2, 3], part))).toEqual([1, 3, 5, 5])
  expect(quantile([], 0.5)).toBe(0)
})

test.each(PARTS)('functions of %s have at most 40 lines, JSX counted', (part) =>
  expect(countsOf(part).functionLengths.filter((length) => length > 40)).toEqual([]),
)
