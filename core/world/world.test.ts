import { describe, expect, test } from 'vitest'
import { defineTable, derived, needKey, needLookup, RowNotLoaded, Rows, World } from './index.ts'

interface Thing {
  readonly id: number
  readonly name: string
}
const things = defineTable<Thing>('thing', 'keyed', (row) => row.id, ['name'])
const small = defineTable<Thing>('small', 'whole', (row) => row.id)

describe('a world that is only partly loaded', () => {
  test('tells a row that is not there from one that was not loaded', () => {
    const world = new World(new Rows(false))
    expect(() => world.get(things, 1)).toThrow(RowNotLoaded)
    world.rows.markAbsent(needKey(things, 1))
    expect(world.get(things, 1)).toBeUndefined()
    expect(world.get(small, 1)).toBeUndefined()
  })

  test('finds rows by lookup, also after the looked-up value has changed', () => {
    const world = new World(new Rows(false))
    world.rows.set(things, { id: 1, name: 'lamp' })
    world.rows.markAbsent(needLookup(things, 'name', 'radio'))
    world.put(things, { id: 1, name: 'radio' })
    expect(world.find(things, 'name', 'radio')?.id).toBe(1)
    expect(world.find(things, 'name', 'lamp')).toBeUndefined()
  })
})

describe('undo', () => {
  test('takes back rows, facts, timers, ids and numbers of the intent, and nothing before it', () => {
    const world = new World(new Rows(true), 7, 40)
    world.begin({ key: 'a', at: 1 })
    world.put(things, { id: world.nextId(), name: 'lamp' })
    world.fact('chat.words', 'desk', {})
    const before = world.begin({ key: 'b', at: 2 })
    world.put(things, { id: 41, name: 'radio' })
    world.put(things, { id: world.nextId(), name: 'clock' })
    world.append(small, { id: 9, name: 'x' })
    world.fact('people.changed', 'desk', { viewers: 1 })
    world.timer({ job: 'earning.tick', key: 'k', at: 3, data: { show: 1 } })
    world.undo(before)
    expect(world.all(things)).toEqual([{ id: 41, name: 'lamp' }])
    expect(world.find(things, 'name', 'lamp')?.id).toBe(41)
    expect([world.seq, world.lastId]).toEqual([8, 41])
    const changes = world.takeChanges()
    expect(changes.facts.map(({ kind, seq }) => [kind, seq])).toEqual([['chat.words', 8]])
    expect(changes.timers).toEqual([])
    expect([...changes.appended.values()].flat()).toEqual([])
    expect([...changes.rows.values()].flatMap((rows) => [...rows.values()])).toEqual([
      { row: { id: 41, name: 'lamp' }, before: undefined },
    ])
  })
})

describe('a derived value', () => {
  test('is computed once, and again after a row of its tables was put or taken back', () => {
    const world = new World(new Rows(true))
    let times = 0
    const names = derived('names', [things], (at, letter: string) => {
      times++
      return at.all(things).filter(({ name }) => name.startsWith(letter)).length
    })
    world.begin({ key: 'a', at: 1 })
    world.put(things, { id: 1, name: 'lamp' })
    expect([names(world, 'l'), names(world, 'l'), names(world, 'r')]).toEqual([1, 1, 0])
    expect(times).toBe(2)
    const before = world.begin({ key: 'b', at: 2 })
    world.put(things, { id: 2, name: 'lathe' })
    expect(names(world, 'l')).toBe(2)
    world.undo(before)
    expect(names(world, 'l')).toBe(1)
    expect(times).toBe(4)
    expect(names(new World(new Rows(true)), 'l')).toBe(0)
  })
})
