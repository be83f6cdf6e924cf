import fc from 'fast-check'
import { expect, test } from 'vitest'
import type { TestChannel } from '../../testing/core/channel.ts'
import { evening, later as goOn, PLAYERS, potsOf, toldOf } from '../../testing/core/evening.ts'
import { BOOKS, transfers } from '../ledger/index.ts'
import { agrees } from './checked.ts'
import { recompute } from './declared.ts'
import { isOver, type RoundRow, rounds } from './rounds.ts'

let channel: TestChannel

const later = (seconds: number): void => goOn(channel, seconds)
const told = (round: RoundRow) => toldOf(channel, round)
const pots = (): number => potsOf(channel)

test('whatever is played, left, called off or lost to an outage: pots end at 0, the sum is 0, nobody is below 0', () => {
  const lines = [
    '!heist 50',
    '!heist 20 1',
    '!out',
    '!duel jo 30',
    '!duel 30',
    '!take',
    '!pass',
    '!withdraw',
    '!spin 10 red',
    '!spin 10 0, 20 first dozen',
    '!reels 10',
    '!coin all',
    '!cup',
    '!scramble',
    '!scramble',
    '!boss 20',
    '!boss half',
    '!heist all',
  ]
  const step = fc.oneof(
    { weight: 8, arbitrary: fc.record({ who: fc.constantFrom(...PLAYERS), line: fc.constantFrom(...lines) }) },
    { weight: 3, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 12, 40, 60, 90) }) },
    { weight: 1, arbitrary: fc.record({ away: fc.constantFrom(150, 4000) }) },
    { weight: 1, arbitrary: fc.record({ off: fc.nat(3) }) },
    { weight: 1, arbitrary: fc.record({ cup: fc.constantFrom(0, 25) }) },
  )
  const property = fc.property(fc.array(step, { minLength: 10, maxLength: 60 }), (steps) => {
    channel = evening()
    for (const one of steps) {
      if ('line' in one) channel.hear(one.who, one.line)
      else if ('wait' in one) later(one.wait)
      // Timers of the time away run late, one after the other.
      else if ('away' in one) later(one.away)
      else if ('cup' in one) channel.send({ kind: 'cup.open', rules: { ...CUP, stake: one.cup } })
      else {
        const open = channel.world.all(rounds).filter((round) => !isOver(round))[one.off]
        if (open !== undefined) channel.send({ kind: 'game.callOff', round: open.id, by: 'wanda' })
      }
      expect(channel.sum()).toBe(0)
      expect(channel.lowest()).toBe(0)
    }
    for (let i = 0; i < 60; i++) later(60)
    const going = channel.world.all(rounds).filter((round) => !isOver(round))
    expect(going.map(({ id, game, status }) => ({ id, game, status }))).toEqual([])
    expect(pots()).toBe(0)
    for (const round of channel.world.all(rounds))
      expect(recompute(told(round)).filter((one) => !agrees(one))).toEqual([])
    const house = channel.world.appended(transfers).filter(({ from, to }) => from === BOOKS.house || to === BOOKS.house)
    expect(house.every(({ reason }) => reason === 'houseAdds' || reason === 'houseTakes')).toBe(true)
  })
  fc.assert(property, { numRuns: 60 })
})

const CUP = {
  name: 'Lamp cup',
  places: 4,
  kept: { places: 0, who: { everyone: true, streamer: false, standings: [], rank: null, people: [] }, before: false },
  stake: 0,
  prize: 100,
  second: 30,
  bestOf: 3 as const,
  signUpSeconds: 60,
  matchSeconds: 30,
}
