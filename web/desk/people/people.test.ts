import { expect, test, vi } from 'vitest'
import { searchOf } from '../../parts/api.ts'
import { askedOf, filtersOf, INITIAL_VIEW } from './people.ts'

test('a view without filters asks for who is listed, the last seen first', () => {
  expect(searchOf(askedOf({ ...INITIAL_VIEW, name: ' pia ' }))).toBe('name=pia&sort=seen&down=1&shown=listed')
  expect(filtersOf(INITIAL_VIEW)).toBe(0)
})

test('every filter is asked for, and counted', () => {
  vi.useFakeTimers({ now: 1_800_000_000_000 })
  const view = {
    ...INITIAL_VIEW,
    present: true,
    shown: 'archived' as const,
    standing: 'circle:7',
    rank: '2',
    balanceFrom: '10',
    balanceTo: '500',
    hoursFrom: '3',
    earnedFrom: '100',
    seen: '-30',
  }
  const asked = askedOf(view)
  expect(asked).toMatchObject({ present: '1', shown: 'archived', standing: 'circle:7', rank: 2 })
  expect(asked).toMatchObject({ balanceFrom: 10, balanceTo: 500, hoursFrom: 3, earnedFrom: 100 })
  expect(asked.seenBefore).toBe(1_800_000_000 - 30 * 86_400)
  expect(asked.seenAfter).toBeUndefined()
  expect(filtersOf(view)).toBe(8)
  expect(askedOf({ ...view, seen: '7' }).seenAfter).toBe(1_800_000_000 - 7 * 86_400)
  vi.useRealTimers()
})
