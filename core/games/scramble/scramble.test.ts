import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import type { TestChannel } from '../../../testing/core/channel.ts'
import { evening, later, PLAYERS, potsOf, roundsOf, toldOf } from '../../../testing/core/evening.ts'
import { Chance } from '../../fairness/index.ts'
import { inPercent } from '../fraction.ts'
import { agrees, averageOf, outcomesOf, PLAIN_WAY, recompute, returnsOf, settingsOf } from '../index.ts'
import { orderOf, placesPaid, scramblePrize, wavesOf } from './scramble.ts'

test('everybody has the same chance of every place', () => {
  const counts = Array.from({ length: 4 }, () => [0, 0, 0, 0])
  const draws = 8000
  for (let i = 0; i < draws; i++)
    for (const [place, who] of orderOf(new Chance('7c'.repeat(32), `t/${i}`), [0, 1, 2, 3]).entries()) {
      const row = counts[who]
      if (row !== undefined) row[place] = (row[place] ?? 0) + 1
    }
  const expected = draws / 4
  const chi = counts.flat().reduce((sum, n) => sum + (n - expected) ** 2 / expected, 0)
  // The 99.9 % bound for 9 degrees of freedom.
  expect(chi).toBeLessThan(27.9)
})

test('what the places get is the prize, whoever comes; waves end with one, and never pass over a paid place', () => {
  const property = fc.property(
    fc.integer({ min: 1, max: 500 }),
    fc.nat(1000),
    fc.nat(5000),
    fc.nat(9000),
    fc.array(fc.integer({ min: 1, max: 200_000 }), { minLength: 1, maxLength: 5 }),
    (people, stake, rakeBp, adds, shares) => {
      const { rake, prize } = scramblePrize(people * stake, rakeBp, adds)
      const paid = placesPaid(prize, shares, people)
      expect(paid.reduce((sum, one) => sum + one, 0)).toBe(prize)
      expect(rake + prize).toBe(people * stake + adds)
      const waves = wavesOf(people, paid.length)
      expect(people === 1 ? waves : waves.at(-1)).toEqual(people === 1 ? [] : 1)
      const at = waves.findIndex((left) => left <= paid.length)
      if (people > paid.length) expect(waves[at]).toBe(paid.length)
    },
  )
  fc.assert(property, { numRuns: 300 })
})

describe('a scramble', () => {
  let channel: TestChannel
  beforeEach(() => {
    channel = evening()
    channel.game('scramble', { stake: 100, rakeBp: 1000, leastCrew: 3, pauseSeconds: 5 })
  })

  test('takes the same of everybody, goes in waves, and pays its places to the last unit', () => {
    expect(channel.hear('pia', '!scramble').join()).toContain(
      'A scramble, everyone against everyone: !scramble to join (100 rivets)',
    )
    expect(channel.hear('pia', '!scramble').join()).toContain('You are already in.')
    for (const name of PLAYERS.slice(1)) channel.hear(name, '!scramble')
    later(channel, 60)
    expect(roundsOf(channel)[0]?.status).toBe('running')
    expect(channel.hear('pia', '!scramble').join()).toContain('It has begun.')
    for (let i = 0; i < 6; i++) later(channel, 5)
    const [round] = roundsOf(channel)
    expect([round?.status, round?.paid, potsOf(channel), channel.sum()]).toEqual(['settled', 540, 0, 0])
    if (round === undefined) return
    const steps = recompute(toldOf(channel, round))
    expect([steps.length, steps.filter((one) => !agrees(one))]).toEqual([6, []])
    const seats = toldOf(channel, round).seats
    expect(seats.map(({ paid }) => paid).sort((a, b) => b - a)).toEqual([324, 162, 54, 0, 0, 0])
    expect(seats.filter(({ room }) => room === 1).map(({ paid }) => paid)).toEqual([324])
  })

  test('gives everything back where too few came, and where it is called off between two waves', () => {
    channel.hear('pia', '!scramble')
    later(channel, 60)
    expect([channel.balance('pia'), roundsOf(channel)[0]?.status]).toEqual([1000, 'off'])
    for (const name of PLAYERS) channel.hear(name, '!scramble')
    later(channel, 60)
    later(channel, 5)
    channel.send({ kind: 'game.callOff', round: roundsOf(channel)[1]?.id ?? 0, by: 'wanda' })
    expect([PLAYERS.map((name) => channel.balance(name)), potsOf(channel)]).toEqual([PLAYERS.map(() => 1000), 0])
  })

  test('can be free with a prize of the house, and is opened by hand', () => {
    channel.game('scramble', { stake: 0, adds: 300, sharesPpm: [1_000_000], leastCrew: 2 })
    channel.send({ kind: 'game.open', game: 'scramble' })
    channel.hear('pia', '!scramble')
    channel.hear('jo', '!scramble')
    later(channel, 60)
    later(channel, 5)
    expect([channel.balance('pia'), channel.balance('jo')].sort()).toEqual([1000, 1300])
    expect(channel.sum()).toBe(0)
  })

  test('returns what is not kept, and its outcomes average to that', () => {
    const settings = settingsOf(channel.world, 'scramble')
    const returns = returnsOf('scramble', settings)
    expect(returns && [inPercent(returns.least), inPercent(returns.most)]).toEqual(['90.0 %', '90.0 %'])
    expect(inPercent(averageOf(outcomesOf('scramble', settings, { ...PLAIN_WAY, crew: 6 })))).toBe('90.0 %')
  })
})
