import { expect, test } from 'vitest'
import type { RankPlan } from '#core/ranks'
import { linesOf, newLine, readLines } from './rankDraft.ts'

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
