import { expect, test } from 'vitest'
import type { RankPlan } from '#core/ranks'
import { linesFor, linesOf, newLine, readLines, spreadInWords } from './rankDraft.ts'

const PLAN: RankPlan = {
  measure: 'hours',
  announce: '',
  ranks: [
    { id: 1, name: 'Onlooker', from: 90, needs: null, badge: 'washer' },
    { id: 4, name: 'Master', from: 3000, needs: 'subscriber', badge: 'anvil' },
  ],
}

test('what is typed of the ranks reads back as they are', () => {
  expect(linesOf(PLAN)[0]).toMatchObject({ from: '1.5', needs: '' })
  expect(readLines(linesOf(PLAN), 'hours')).toEqual(PLAN.ranks)
})

test('another metric asks for new thresholds, and the saved one brings its own back', () => {
  const asked = linesFor('earned', PLAN, linesOf(PLAN))
  expect(asked.map(({ name, from }) => [name, from])).toEqual([
    ['Onlooker', ''],
    ['Master', ''],
  ])
  expect(readLines(asked, 'earned')).toContain('Type a whole number from 0 up for "Onlooker"')
  expect(linesFor('hours', PLAN, asked)).toEqual(linesOf(PLAN))
})

test('what holders have is said in the unit that ranks are based on', () => {
  const held = {
    watchedSeconds: { low: 3600, half: 5400, high: 36_000 },
    earned: { low: 100, half: 1200, high: 50_000 },
  }
  expect(spreadInWords(held, 'hours')).toBe('1 to 10, half up to 1.5')
  expect(spreadInWords(held, 'earned')).toBe('100 to 50,000, half up to 1,200')
})

test('a new rank gets a number that no other has', () => expect(newLine(linesOf(PLAN)).id).toBe(5))

test.each([
  [{ name: ' ' }, 'hours', 'Type a name for rank 1.'],
  [{ from: 'many' }, 'hours', 'Type a number of hours for "Onlooker", like 12 or 1.5.'],
  [{ from: '-1' }, 'earned', 'Type a whole number from 0 up for "Onlooker".'],
] as const)('%j says what to change', (patch, measure, sentence) => {
  const [first, second] = linesOf(PLAN)
  if (first === undefined || second === undefined) throw new Error('There are two.')
  expect(readLines([{ ...first, ...patch }, second], measure)).toBe(sentence)
})
