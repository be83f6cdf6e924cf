import fc from 'fast-check'
import { expect, test } from 'vitest'
import { LAMP, type TestChannel } from '../../testing/core/channel.ts'
import { evening, later, PLAYERS } from '../../testing/core/evening.ts'
import { type CupRules, rounds } from '../games/index.ts'
import { raffles, winners } from '../raffles/index.ts'
import { derivedSeed } from './ownSeed.ts'
import { seeds } from './seeds.ts'

const LINES = ['!heist 20', '!spin 10 red', '!duel 10', '!take', '!reels 10', '!coin 10 tails', '!in', '!cup', 'hello']

const step = fc.oneof(
  { weight: 8, arbitrary: fc.record({ who: fc.constantFrom(...PLAYERS), line: fc.constantFrom(...LINES) }) },
  { weight: 4, arbitrary: fc.record({ wait: fc.constantFrom(1, 5, 12, 40, 130) }) },
  { weight: 2, arbitrary: fc.record({ show: fc.constant(true) }) },
  { weight: 2, arbitrary: fc.record({ raffle: fc.constantFrom(0, 5, 30) }) },
  { weight: 3, arbitrary: fc.record({ act: fc.constantFrom('draw', 'finish', 'callOff'), at: fc.nat(2) }) },
  { weight: 1, arbitrary: fc.record({ cup: fc.constant(true) }) },
)

const EVERYONE = { everyone: true, streamer: false, standings: [], rank: null, people: [] }
const CUP: CupRules = {
  name: 'Lamp cup',
  places: 4,
  kept: { places: 0, who: EVERYONE, before: false },
  stake: 10,
  prize: 0,
  second: 0,
  bestOf: 1,
  signUpSeconds: 60,
  matchSeconds: 30,
}

type Step = typeof step extends fc.Arbitrary<infer T> ? T : never

/** Plays one step of a chance evening: shows end and publish the channel's seed while raffles, rounds and cups go on. */
function play(channel: TestChannel, one: Step, n: number): void {
  const open = channel.world.all(raffles).filter(({ endedAt }) => endedAt === null)
  if ('line' in one) channel.hear(one.who, one.line)
  else if ('wait' in one) later(channel, one.wait)
  else if ('show' in one) {
    channel.send({ kind: 'show.end' })
    channel.send({ kind: 'fairness.seed', seed: (n + 1).toString(16).padStart(64, '5') })
    channel.startShow()
  } else if ('raffle' in one) channel.send(raffleWith(one.raffle))
  else if ('act' in one)
    channel.send({ kind: 'raffle.act', raffle: open[one.at]?.id ?? 0, does: one.act as 'draw', by: 'wanda' })
  else channel.send({ kind: 'cup.open', rules: CUP })
}

const raffleWith = (suspenseSeconds: number) => ({
  kind: 'raffle.start' as const,
  settings: { ...LAMP, suspenseSeconds },
  opens: { of: 'now' as const },
  setup: null,
  by: 'wanda',
})

/** All that any audience has been told so far, and the seeds that the channel has published. */
const toldSoFar = (channel: TestChannel): string =>
  JSON.stringify([
    channel.facts(),
    channel.world.appended(seeds),
    channel.world.all(raffles).map(({ endedAt, seed, hidden: _, ...row }) => ({ ...row, seed: endedAt && seed })),
    channel.world.all(rounds).map(({ endedAt, seed, ...row }) => ({ ...row, seed: endedAt && seed })),
  ])

test('whatever overlaps, no seed of anything open is told or follows from what is told', () => {
  let openSeen = 0
  const property = fc.property(fc.array(step, { minLength: 10, maxLength: 50 }), (steps) => {
    const channel = evening()
    for (const [n, one] of steps.entries()) {
      play(channel, one, n)
      const told = toldSoFar(channel)
      const known = [...new Set(told.match(/[0-9a-f]{64}/g) ?? [])]
      const open = [...channel.world.all(raffles), ...channel.world.all(rounds)].filter(
        ({ endedAt, seed }) => endedAt === null && seed !== '',
      )
      for (const { id, seed } of open) {
        openSeen++
        expect(told).not.toContain(seed)
        for (const from of known) expect(derivedSeed(from, id)).not.toBe(seed)
      }
    }
  })
  fc.assert(property, { numRuns: 40 })
  expect(openSeen).toBeGreaterThan(100)
})

test('nothing that is told before the reveal depends on who was drawn', () => {
  const toldWith = (entropy: string) => {
    const channel = evening()
    channel.openSeed()
    const started = channel.send(raffleWith(20), channel.now, entropy)
    const raffle = started.ok ? started.value.raffle : 0
    for (const name of PLAYERS) channel.hear(name, '!in')
    const from = channel.facts().length
    channel.send({ kind: 'raffle.act', raffle, does: 'draw', by: 'wanda' })
    later(channel, 19)
    const before = JSON.stringify(channel.facts().slice(from))
    later(channel, 1)
    const winner = channel.world.all(winners).find((one) => one.raffle === raffle)
    expect(JSON.stringify(channel.facts().slice(from))).toContain(`${winner?.name} is drawn for`)
    return { before, winner: winner?.name }
  }
  const evenings = Array.from({ length: 12 }, (_, i) => toldWith(i.toString(16).padStart(64, '0')))
  expect(new Set(evenings.map(({ winner }) => winner)).size).toBeGreaterThan(1)
  expect(new Set(evenings.map(({ before }) => before)).size).toBe(1)
})
