import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { draftOf, readDraft } from './planDraft.ts'

const GOOD = { interval: '5', unit: 'minutes' as const, base: '10', cap: '' }

describe('a draft of the earning plan', () => {
  test('of any plan reads back as that plan', () => {
    const plan = fc.record({
      intervalSeconds: fc.integer({ min: 10, max: 86_400 }),
      base: fc.integer({ min: 0, max: 1000 }),
      cap: fc.option(fc.integer({ min: 1000, max: 10_000_000 })),
    })
    fc.assert(
      fc.property(plan, (given) => {
        expect(readDraft(draftOf(given))).toEqual({ plan: given, problems: {} })
      }),
    )
  })

  test('shows whole minutes as minutes', () => {
    expect(draftOf({ intervalSeconds: 300, base: 10, cap: null })).toEqual(GOOD)
    expect(draftOf({ intervalSeconds: 90, base: 10, cap: 5000 })).toMatchObject({
      interval: '90',
      unit: 'seconds',
      cap: '5000',
    })
  })

  test.each([
    [{ interval: '0' }, 'interval'],
    [{ interval: '-5' }, 'interval'],
    [{ interval: '9', unit: 'seconds' as const }, 'interval'],
    [{ interval: '1441' }, 'interval'],
    [{ interval: '2.5' }, 'interval'],
    [{ base: '' }, 'base'],
    [{ base: '1e3' }, 'base'],
    [{ base: '1000000001' }, 'base'],
    [{ cap: '0' }, 'cap'],
    [{ cap: 'lots' }, 'cap'],
    [{ cap: '5' }, 'cap'],
  ])('%o says what is wrong with %s', (change, field) => {
    const { plan, problems } = readDraft({ ...GOOD, ...change })
    expect(plan).toBeUndefined()
    expect(Object.keys(problems)).toEqual([field])
  })

  test('names everything that is wrong at once', () => {
    expect(Object.keys(readDraft({ interval: '', unit: 'minutes', base: 'x', cap: '-' }).problems)).toEqual([
      'interval',
      'base',
      'cap',
    ])
  })
})
