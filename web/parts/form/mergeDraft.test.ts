import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { mergeDraft, takeTheirs } from './mergeDraft.ts'

const BASE = { name: 'Lamp', price: 100, limits: { show: 1, day: 2 }, steps: ['say'] }

describe('two drafts', () => {
  test('of different fields become one, without a clash', () =>
    expect(mergeDraft(BASE, { ...BASE, price: 200 }, { ...BASE, limits: { show: 1, day: 5 } })).toEqual({
      merged: { ...BASE, price: 200, limits: { show: 1, day: 5 } },
      clashes: [],
    }))

  test('of the same field clash, and nothing else of them does', () => {
    const { merged, clashes } = mergeDraft(
      BASE,
      { ...BASE, price: 200, limits: { show: 3, day: 2 } },
      { ...BASE, price: 300, limits: { show: 4, day: 2 }, name: 'Big lamp' },
    )
    expect(clashes).toEqual([
      { path: ['price'], mine: 200, theirs: 300 },
      { path: ['limits', 'show'], mine: 3, theirs: 4 },
    ])
    expect(merged).toEqual({ ...BASE, name: 'Big lamp', price: 200, limits: { show: 3, day: 2 } })
    expect(takeTheirs(merged, clashes)).toEqual({ ...BASE, name: 'Big lamp', price: 300, limits: { show: 4, day: 2 } })
  })

  test('that changed a list in two ways clash as a whole', () => {
    const { clashes } = mergeDraft(BASE, { ...BASE, steps: ['say', 'pay'] }, { ...BASE, steps: [] })
    expect(clashes.map(({ path }) => path)).toEqual([['steps']])
  })

  test('of another kind of answer never mix their fields', () => {
    const base = { asks: { of: 'text', question: 'Which?', most: 200 } }
    const mine = { asks: { of: 'number', from: 1, to: 5 } }
    const theirs = { asks: { of: 'text', question: 'Which one?', most: 200 } }
    const { clashes } = mergeDraft<unknown>(base, mine, theirs)
    expect(clashes.map(({ path }) => path.join('/'))).toEqual(['asks/question'])
  })
})

const FIELDS = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ min: 0, max: 3 }), { minKeys: 1 })

test('what only one side changed is never lost, whatever they are', () => {
  fc.assert(
    fc.property(FIELDS, FIELDS, (base, mine) => {
      expect(mergeDraft(base, mine, base)).toEqual({ merged: mine, clashes: [] })
      expect(mergeDraft(base, base, mine)).toEqual({ merged: mine, clashes: [] })
      expect(mergeDraft(base, mine, mine)).toEqual({ merged: mine, clashes: [] })
    }),
  )
})

test('a field that both left or changed alike, or one alone changed, comes out as it was meant', () => {
  fc.assert(
    fc.property(FIELDS, FIELDS, FIELDS, (base, mine, theirs) => {
      const { merged, clashes } = mergeDraft<Record<string, number>>(base, mine, theirs)
      const clashing = new Set(clashes.map(({ path }) => path[0]))
      for (const name of ['a', 'b', 'c', 'd']) {
        const wanted = mine[name] === base[name] ? theirs[name] : mine[name]
        expect(merged[name]).toBe(wanted)
        const both = mine[name] !== base[name] && theirs[name] !== base[name] && mine[name] !== theirs[name]
        expect(clashing.has(name)).toBe(both)
      }
    }),
  )
})
