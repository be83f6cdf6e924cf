import fc from 'fast-check'
import { expect, test } from 'vitest'
import { evening, later, PLAYERS, potsOf } from '../../testing/core/evening.ts'
import { agrees } from '../games/index.ts'
import { recheck } from './check.ts'
import { entries, hasEnded, raffles, winners } from './rows.ts'

const WORDS = ['in', 'radio'] as const
const CLOSE = ['open', 'close', 'draw', 'callOff', 'finish'] as const

test('whatever is entered, left, drawn, missed, called off or lost to an outage: pots end at 0, the sum is 0, nobody wins twice', () => {
  const lines = WORDS.flatMap((word) => ['', ' 2', ' 3', ' max', ' leave', ' draw'].map((rest) => `!${word}${rest}`))
  const plan = fc.record({
    word: fc.constantFrom(...WORDS),
    price: fc.constantFrom(0, 7, 300),
    free: fc.constantFrom(0, 1),
    winners: fc.constantFrom(1, 2, 4),
    draw: fc.constantFrom('one' as const, 'all' as const),
    redraw: fc.constantFrom('itself' as const, 'hand' as const),
    claimSeconds: fc.constantFrom(0, 20),
    suspenseSeconds: fc.constantFrom(0, 5),
    prize: fc.constantFrom(
      { of: 'text' as const, text: 'a lamp' },
      { of: 'currency' as const, amount: 90 },
      { of: 'pot' as const, share: 60 },
    ),
    closeSeconds: fc.constantFrom(0, 120),
    mostPeople: fc.constantFrom(0, 3),
  })
  const step = fc.oneof(
    { weight: 12, arbitrary: fc.record({ who: fc.constantFrom(...PLAYERS), line: fc.constantFrom(...lines) }) },
    { weight: 3, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 12, 40, 130) }) },
    { weight: 1, arbitrary: fc.record({ away: fc.constantFrom(200, 4000) }) },
    { weight: 2, arbitrary: fc.record({ plan }) },
    { weight: 4, arbitrary: fc.record({ at: fc.nat(4), does: fc.constantFrom(...CLOSE) }) },
    { weight: 1, arbitrary: fc.record({ remove: fc.constantFrom(...PLAYERS), at: fc.nat(4) }) },
    { weight: 1, arbitrary: fc.record({ ignore: fc.constantFrom(...PLAYERS) }) },
  )
  const property = fc.property(fc.array(step, { minLength: 10, maxLength: 70 }), (steps) => {
    const channel = evening()
    const running = (at: number) => channel.world.all(raffles).filter((one) => !hasEnded(one))[at]?.id ?? 0
    for (const one of steps) {
      if ('line' in one) channel.hear(one.who, one.line)
      else if ('wait' in one) later(channel, one.wait)
      else if ('away' in one) later(channel, one.away)
      else if ('plan' in one) {
        const { word, free, ...more } = one.plan
        const settings = {
          ...more,
          word: { word, aliases: [] },
          free: { everyone: free, standings: [] },
          mostTickets: 5,
        }
        try {
          channel.raffle({ ...settings, remind: { everyMinutes: 1, beforeMinutes: [] } })
        } catch {
          // Its word is taken, or its prize cannot be: refused, and nothing has happened.
        }
      } else if ('does' in one)
        channel.send({ kind: 'raffle.act', raffle: running(one.at), does: one.does, by: 'wanda' })
      else if ('remove' in one)
        channel.send({
          kind: 'raffle.remove',
          raffle: running(one.at),
          viewer: channel.viewer(one.remove).id,
          why: 'a test',
          by: 'wanda',
        })
      else channel.send({ kind: 'people.ignore', viewers: [channel.viewer(one.ignore).id], ignored: true } as never)
      expect([channel.sum(), channel.lowest()]).toEqual([0, 0])
    }
    // Everything comes to an end: what can be drawn and finished is, the rest is called off.
    for (let i = 0; i < 40; i++) {
      for (const { id } of channel.world.all(raffles).filter((one) => !hasEnded(one)))
        for (const does of ['draw', 'finish', 'callOff'] as const)
          if (i % 3 === 0) channel.send({ kind: 'raffle.act', raffle: id, does, by: 'wanda' })
      later(channel, 60)
    }
    expect(channel.world.all(raffles).filter((one) => !hasEnded(one))).toEqual([])
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
    for (const raffle of channel.world.all(raffles)) {
      const drawn = channel.world
        .all(winners)
        .filter((one) => one.raffle === raffle.id)
        .sort((a, b) => a.draw - b.draw)
      expect(new Set(drawn.map(({ viewer }) => viewer)).size).toBe(drawn.length)
      expect(drawn.filter(({ state }) => state === 'won').length).toBe(raffle.won)
      expect(raffle.won).toBeLessThanOrEqual(raffle.settings.winners)
      const entrants = channel.world
        .all(entries)
        .filter((one) => one.raffle === raffle.id && one.state === 'in')
        .sort((a, b) => a.nr - b.nr)
      if (drawn.length > 0)
        expect(recheck({ ...raffle, entrants, winners: drawn }).filter((one) => !agrees(one))).toEqual([])
    }
  })
  fc.assert(property, { numRuns: 80 })
})
