import { describe, expect, test } from 'vitest'
import type { Person } from './mayEnter.ts'
import { type Here, outlookOf, shareInWords, sharesOf, unfair } from './outlook.ts'
import { SAME_CHANCE } from './schema.ts'

const person = (more: Partial<Person> = {}): Person => ({
  ignored: false,
  barred: undefined,
  watchedSeconds: 36_000,
  followedAt: 0,
  attended: 0,
  wonAt: 0,
  ...more,
})
const here = (standings: string[] = [], more: Partial<Person> = {}): Here => ({ person: person(more), standings })
const people = (plain: number, subscribers: number): Here[] => [
  ...Array.from({ length: plain }, () => here()),
  ...Array.from({ length: subscribers }, () => here(['tier1'])),
]

describe('what a raffle means for who is here', () => {
  test('tells how many could enter, and why the others could not', () => {
    const all = [here(), here([], { watchedSeconds: 0 }), here([], { watchedSeconds: 0 }), here([], { ignored: true })]
    expect(outlookOf({ ...SAME_CHANCE, hours: 5 }, all, 100)).toMatchObject({
      here: 4,
      could: 1,
      reasons: [
        { code: 'raffle_hours', count: 2 },
        { code: 'viewer_ignored', count: 1 },
      ],
    })
  })

  test('tells what a weight makes of people and chances', () => {
    const settings = { ...SAME_CHANCE, weights: [{ standing: 'subscriber', weight: 200 }] }
    const outlook = outlookOf(settings, people(6, 2), 100)
    expect(outlook.shares).toEqual([{ standing: 'subscriber', weight: 200, people: 2, ofPeople: 250, ofChances: 400 }])
    expect(shareInWords(outlook.shares[0] as never, [])).toBe(
      'A ticket of a subscriber has weight 2: that makes 40 % of all chances for 25 % of the people.',
    )
    expect(outlook.least).toBe(80)
    expect(unfair(outlook)).toBeUndefined()
  })

  test('warns where somebody is left less than a tenth of an equal chance', () => {
    const settings = { ...SAME_CHANCE, weights: [{ standing: 'subscriber', weight: 10_000 }] }
    expect(unfair(outlookOf(settings, people(1, 1), 100))).toContain('only 1 % of an equal chance')
    expect(unfair(outlookOf(settings, [], 100))).toBeUndefined()
    const edge = (subscribers: number) =>
      outlookOf({ ...settings, weights: [{ standing: 'subscriber', weight: 1090 }] }, people(1, subscribers), 100)
    // One plain among n: 100 x (n + 1) / (100 + 1090 n) hundredths.
    expect([edge(9).least, unfair(edge(9)) === undefined]).toEqual([10, true])
    expect([edge(99).least, unfair(edge(99)) === undefined]).toEqual([9, false])
  })

  test('free tickets of a standing count like a weight', () => {
    const settings = {
      ...SAME_CHANCE,
      price: 10,
      mostTickets: 5,
      free: { everyone: 1, standings: [{ standing: 'tier1', tickets: 5 }] },
    }
    expect(outlookOf(settings, people(5, 1), 100).least).toBe(60)
  })

  test('of groups that are in, the parts are of all', () => {
    const groups = [
      { standing: null, weight: 100, people: 3, chances: 300 },
      { standing: 'moderator', weight: 150, people: 1, chances: 300 },
    ]
    expect(sharesOf(groups)).toEqual([{ standing: 'moderator', weight: 150, people: 1, ofPeople: 250, ofChances: 500 }])
    expect(sharesOf([])).toEqual([])
  })
})
