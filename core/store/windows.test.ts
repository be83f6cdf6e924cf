import fc from 'fast-check'
import { expect, test } from 'vitest'
import { counted, countsIn, NO_COUNTS, type Now, uncounted } from './windows.ts'

const moment: fc.Arbitrary<Now> = fc.record({
  ...{ period: fc.nat(3), day: fc.nat(3), week: fc.nat(3), month: fc.nat(3) },
})

test('each window counts what was sold since it began, whatever was sold in others before', () => {
  fc.assert(
    fc.property(fc.array(moment, { maxLength: 12 }), (sales) => {
      const sold = sales.reduce(counted, NO_COUNTS)
      expect(sold.total).toBe(sales.length)
      const last = sales.at(-1)
      if (last === undefined) return
      const before = (same: (one: Now) => boolean) => {
        const other = sales.findLastIndex((one) => !same(one))
        return sales.length - 1 - other
      }
      expect(countsIn(sold, last)).toEqual({
        show: before((one) => one.period === last.period),
        day: before((one) => one.day === last.day),
        week: before((one) => one.week === last.week),
        month: before((one) => one.month === last.month),
      })
    }),
  )
})

test('what is given back counts down where it counted, and never below nothing', () => {
  fc.assert(
    fc.property(fc.array(moment, { minLength: 1, maxLength: 8 }), moment, (sales, other) => {
      const sold = sales.reduce(counted, NO_COUNTS)
      const last = sales.at(-1) ?? other
      expect(uncounted(counted(sold, last), last)).toEqual(sold)
      const less = [other, other, ...sales, ...sales].reduce(uncounted, sold)
      expect(Object.values(countsIn(less, last)).every((count) => count >= 0)).toBe(true)
      expect(less.total).toBe(0)
    }),
  )
})
