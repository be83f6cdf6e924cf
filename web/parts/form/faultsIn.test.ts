import { expect, test } from 'vitest'
import { PLAIN_REWARD, RewardSettings } from '#core/store'
import { faultsIn } from './faultsIn.ts'

const HAT = { ...PLAIN_REWARD, name: 'Hat', word: 'hat' }

test('what the server would take has no faults', () => expect(faultsIn(RewardSettings, HAT, {})).toEqual({}))

test('the form’s own sentence stands first and in place of the schema’s, which has its place with it', () => {
  const broken = { ...HAT, name: '', rest: { ...HAT.rest, eachSeconds: -1 } }
  expect(Object.entries(faultsIn(RewardSettings, broken, { name: 'Type a name.', word: undefined }))).toEqual([
    ['name', 'Type a name.'],
    ['rest.eachSeconds', 'Rest, each seconds: Must be 0 or more.'],
  ])
})

test('a line of a list is counted from one', () => {
  const asks = { of: 'choice', question: 'Which?', choices: ['a', ''] } as const
  expect(faultsIn(RewardSettings, { ...HAT, asks }, {})).toEqual({
    'asks.choices.1': 'Asks, choices, 2: Fill this in.',
  })
})
