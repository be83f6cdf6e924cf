import { expect, test } from 'vitest'
import { defineTable, type SavedRow, savedCollection, World } from './index.ts'

interface Lamp extends SavedRow {
  readonly place: number
}
const lamps = defineTable<Lamp>('lamp', 'whole', (row) => row.id)
const saved = savedCollection(lamps, {
  one: 'lamp',
  many: 'lamps',
  most: 2,
  missing: 'command_not_found',
  full: 'command_invalid',
  order: (a, b) => a.place - b.place,
})

test('a list of saved things tells those there are in their order, one of them, and whether there is room', () => {
  const world = new World()
  expect(saved.before(world, null)).toEqual({ ok: true, value: undefined })
  world.put(lamps, { id: 1, place: 5, goneAt: null })
  world.put(lamps, { id: 2, place: 3, goneAt: null })
  world.put(lamps, { id: 3, place: 1, goneAt: 100 })
  expect(saved.open(world).map(({ id }) => id)).toEqual([2, 1])
  expect([saved.find(world, 2)?.id, saved.find(world, 3), saved.find(world, 9)]).toEqual([2, undefined, undefined])
  expect(saved.before(world, 1)).toMatchObject({ ok: true, value: { id: 1 } })
  // Who is full can still change what is there.
  expect(saved.before(world, null)).toMatchObject({
    ok: false,
    refusal: { code: 'command_invalid', sentence: '2 lamps are the most. Remove one first.' },
  })
  expect(saved.need(world, 3)).toMatchObject({
    ok: false,
    refusal: { code: 'command_not_found', sentence: 'This lamp no longer exists. Reload the page.' },
  })
})
