import { describe, expect, test } from 'vitest'
import { defineTable, needKey, noId, RowNotLoaded, Rows } from './index.ts'

const things = defineTable<{ id: number }>('thing', 'keyed', (row) => row.id)
const minutes = defineTable<{ minute: number }>('minute', 'keyed', (row) => row.minute, [], noId)

describe('rows in memory', () => {
  test('know that what was made since they were loaded is here or does not exist', () => {
    const rows = new Rows(false, 40)
    expect(rows.has(needKey(things, 41))).toBe(true)
    expect(rows.get(things, 41)).toBeUndefined()
    rows.set(things, { id: 41 })
    expect(rows.get(things, 41)).toEqual({ id: 41 })
  })

  test('ask for what may have been there before', () => {
    const rows = new Rows(false, 40)
    expect(rows.has(needKey(things, 40))).toBe(false)
    expect(() => rows.get(things, 40)).toThrow(RowNotLoaded)
    rows.markAbsent(needKey(things, 40))
    expect(rows.get(things, 40)).toBeUndefined()
  })

  test('know nothing of keys that are no ids of the channel', () => {
    const rows = new Rows(false, 40)
    expect(rows.has(needKey(minutes, 1_000_020))).toBe(false)
    expect(() => rows.get(minutes, 1_000_020)).toThrow(/is not loaded/)
  })
})
