import { expect, test } from 'vitest'
import type { Channel } from '../channel.ts'
import { turnsOver, withLeft, withRest } from './told.ts'

const reward = (id: number, left: number | null, why: object | null = null) => ({ id, name: `R${id}`, left, why })
const store = (rewards: object[], changesAt: number | null = null) => ({ rewards, changesAt }) as unknown as Channel

test('how many are left changes of the one reward', () => {
  const after = withLeft(store([reward(1, 5), reward(2, 5)]), { reward: 2, left: 4 })
  expect(after.rewards.map(({ left }) => left)).toEqual([5, 4])
})

test('the last one going and more coming ask for the store anew, others do not', () => {
  const now = store([reward(1, 1), reward(2, 0)])
  expect(turnsOver(now, { reward: 1, left: 0 })).toBe(true)
  expect(turnsOver(now, { reward: 2, left: 3 })).toBe(true)
  expect(turnsOver(now, { reward: 1, left: 2 })).toBe(false)
  expect(turnsOver(now, { reward: 9, left: 0 })).toBe(false)
})

test('a rest is shown at once, and the store is looked at when the first one ends', () => {
  const after = withRest(store([reward(1, null), reward(2, null)], 500), { reward: 1, until: 120 }, 100)
  expect(after.rewards[0]?.why).toEqual({ code: 'rests', until: 120, sentence: 'R1 is on cooldown for 20 s.' })
  expect(after.rewards[1]?.why).toBeNull()
  expect(after.changesAt).toBe(120)
  expect(withRest(after, { reward: 2, until: 400 }, 100).changesAt).toBe(120)
})

test('who cannot buy it for another reason is told that one still', () => {
  const why = { code: 'reward_hours', until: null, sentence: 'Hours are missing.' }
  expect(withRest(store([reward(1, null, why)]), { reward: 1, until: 120 }, 100).rewards[0]?.why).toEqual(why)
})
