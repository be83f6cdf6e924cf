import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { barSeconds, barsOf, type Evening } from './evening.ts'

const MORE = { number: 1, countsFrom: 600, pausedAt: null, guest: null }
const show = {
  id: 1,
  title: 'Test',
  status: 'on' as const,
  startedAt: 600,
  endedAt: null,
  paid: 0,
  spent: 0,
  lines: 0,
  ...MORE,
}

describe('the evening’s bars', () => {
  test('are empty without a show', () => {
    expect(barsOf({ show: null, minutes: [] }).bars).toEqual([])
  })

  test('gather minutes from the start of the show on, empty ones included', () => {
    const minutes = [
      { minute: 600, paid: 10, spent: 1 },
      { minute: 720, paid: 5, spent: 0 },
    ]
    const { width, bars } = barsOf({ show, end: 800, minutes })
    expect(width).toBe(60)
    expect(bars).toEqual([
      { from: 600, paid: 10, spent: 1 },
      { from: 660, paid: 0, spent: 0 },
      { from: 720, paid: 5, spent: 0 },
      { from: 780, paid: 0, spent: 0 },
    ])
  })

  test('begin at a full minute when the show did not', () => {
    const minutes = [{ minute: 600, paid: 3, spent: 0 }]
    expect(barsOf({ show: { ...show, startedAt: 637 }, end: 650, minutes }).bars).toEqual([
      { from: 600, paid: 3, spent: 0 },
    ])
  })

  test('lose nothing, however long the evening', () => {
    const minute = fc.record({ minute: fc.integer({ min: 0, max: 900 }), paid: fc.nat(1000), spent: fc.nat(1000) })
    fc.assert(
      fc.property(
        fc.uniqueArray(minute, { selector: (row) => row.minute }),
        fc.integer({ min: 0, max: 55_000 }),
        (rows, length) => {
          const end = show.startedAt + length
          const minutes = rows
            .map((row) => ({ ...row, minute: 600 + row.minute * 60 }))
            .filter((row) => row.minute <= end)
          const evening: Evening = { show, end, minutes }
          const { bars } = barsOf(evening)
          const sum = (list: readonly { paid: number; spent: number }[]) =>
            list.reduce((all, { paid, spent }) => all + paid * 7 + spent, 0)
          expect(sum(bars)).toBe(sum(minutes))
          expect(bars.length).toBeLessThanOrEqual(38)
        },
      ),
    )
  })

  test('are wider the longer it lasts', () => {
    expect([600, 3600, 9000, 40_000].map(barSeconds)).toEqual([60, 120, 300, 1200])
  })
})
