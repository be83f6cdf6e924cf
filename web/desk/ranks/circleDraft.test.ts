import { expect, test } from 'vitest'
import { firstFault } from '#core/faults'
import { circleFaults, draftOf, readCircle, rulesInWords } from './circleDraft.ts'

const RULES = { hours: 20, shows: { least: 6, of: 10 }, followerDays: null, subscriberMonths: null, rank: null }

test('what is typed of a circle reads back as it is', () => {
  const circle = { name: 'Regulars', keep: true, rules: RULES }
  expect(circleFaults(draftOf(circle))).toEqual({})
  expect(readCircle(draftOf(circle))).toEqual(circle)
})

test('says in words what makes a member', () => {
  expect(rulesInWords({ rules: RULES, keep: false }, [])).toBe(
    'watched 20 h and attended 6 of the last 10 shows; left again when that ends',
  )
  const none = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }
  expect(rulesInWords({ rules: none, keep: true }, [])).toBe('joined by invitation')
})

test.each([
  [{ name: '' }, 'Type a name for the circle.'],
  [{ hours: '1.5' }, 'Type whole hours from 1 up, or leave them empty.'],
  [{ showsOf: '' }, 'Type both numbers of shows, from 1 to 50, or leave both empty.'],
  [{ showsLeast: '11' }, 'Nobody can attend 11 of 10 shows.'],
  [{ followerDays: '0' }, 'Type whole days from 1 up, or leave them empty.'],
])('%j says what to change', (patch, sentence) => {
  expect(firstFault(circleFaults({ ...draftOf({ name: 'A', keep: false, rules: RULES }), ...patch }))).toBe(sentence)
})
