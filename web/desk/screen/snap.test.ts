import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { keyed, linesOf, snapMoved, snapSized } from './snap.ts'

const canvas = { width: 1920, height: 1080 }
const box = { x: 100, y: 200, w: 300, h: 100 }

describe('a piece that is moved', () => {
  test('sticks to the edge of the canvas and to its middle', () => {
    const lines = linesOf(canvas, [])
    expect(snapMoved({ ...box, x: 7, y: 975 }, lines)).toMatchObject({ x: 0, y: 980 })
    expect(snapMoved({ ...box, x: 806 }, lines)).toMatchObject({ x: 810 })
    expect(snapMoved({ ...box, x: 500.4 }, lines)).toMatchObject({ x: 500, y: 200 })
  })

  test('sticks to the edges of other pieces', () => {
    const lines = linesOf(canvas, [{ x: 600, y: 400, w: 200, h: 50 }])
    expect(snapMoved({ ...box, x: 294, y: 405 }, lines)).toMatchObject({ x: 300, y: 400 })
    expect(snapSized({ ...box, w: 503 }, lines)).toMatchObject({ w: 500, x: 100 })
  })

  test('never moves by more than what is near, keeps its size, and stays on whole pixels', () => {
    const place = fc.integer({ min: -500, max: 2500 })
    const size = fc.integer({ min: 20, max: 900 })
    const any = fc.record({ x: place, y: place, w: size, h: size })
    fc.assert(
      fc.property(any, fc.array(any, { maxLength: 5 }), (one, others) => {
        const moved = snapMoved(one, linesOf(canvas, others))
        expect(Math.abs(moved.x - one.x)).toBeLessThanOrEqual(11)
        expect(Math.abs(moved.y - one.y)).toBeLessThanOrEqual(11)
        expect([moved.w, moved.h]).toEqual([one.w, one.h])
        expect(Object.values(moved).every(Number.isInteger)).toBe(true)
      }),
    )
  })
})

describe('keys', () => {
  test('move by 1, by 10 with Shift, and change the size with Alt', () => {
    expect(keyed(box, 'ArrowLeft', { shift: false, alt: false })).toMatchObject({ x: 99, y: 200 })
    expect(keyed(box, 'ArrowDown', { shift: true, alt: false })).toMatchObject({ x: 100, y: 210 })
    expect(keyed(box, 'ArrowRight', { shift: true, alt: true })).toMatchObject({ w: 310, x: 100 })
    expect(keyed({ ...box, h: 20 }, 'ArrowUp', { shift: false, alt: true })).toMatchObject({ h: 20 })
    expect(keyed(box, 'Enter', { shift: false, alt: false })).toBeUndefined()
  })
})
