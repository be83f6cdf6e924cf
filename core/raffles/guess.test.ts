import fc from 'fast-check'
import { beforeEach, describe, expect, test } from 'vitest'
import { LAMP } from '../../testing/core/channel.ts'
import { raffleEvening, sentence } from '../../testing/core/raffles.ts'
import { agrees } from '../games/index.ts'
import { type RaffleFile, raffleFile, readRaffleFile, recheck } from './check.ts'
import { drawnAnswer, nearestFirst, offBy } from './guess.ts'
import { answerTo } from './guesses.ts'
import { entries } from './rows.ts'

let { channel, later, raffle, drawn, act } = raffleEvening()

beforeEach(() => {
  ;({ channel, later, raffle, drawn, act } = raffleEvening())
})

const JAR = {
  ...LAMP,
  word: { word: 'jar', aliases: [] },
  claimSeconds: 0,
  guess: { least: 1, most: 500, answer: 'set' as const },
}

/** Starts a raffle of a jar whose number the team knows. */
function jar(answer: number, settings = {}): number {
  const sent = channel.send({
    kind: 'raffle.start',
    settings: { ...JAR, ...settings },
    opens: { of: 'now' },
    setup: null,
    answer,
    by: 'wanda',
  })
  if (!sent.ok) throw new Error(sentence(sent))
  return Number(sent.value.raffle)
}

/** The file of a raffle, as its page gives it. */
function fileOf(id: number): RaffleFile {
  const row = raffle(id)
  const { guess } = row.settings
  return raffleFile('Jar', {
    id,
    seed: row.seed,
    commitment: row.commitment,
    entrants: channel.world.all(entries).filter((one) => one.raffle === id && one.state === 'in'),
    winners: drawn(id),
    guess: guess && { ...guess, answer: row.answer, commitment: row.answerCommitment },
  })
}

describe('a number that the team knows', () => {
  test('is won by the nearest guess; another guess takes the place of the first', () => {
    const id = jar(326)
    expect(channel.hear('pia', '!jar 330')[0]).toBe('pia guesses 330 in “Desk lamp”.')
    channel.hear('jo', '!jar 1')
    expect(channel.hear('jo', '!jar 325')[0]).toBe('jo now guesses 325 in “Desk lamp”.')
    const before = channel.world.facts.length
    act(id, 'draw')
    later(8)
    expect(drawn(id).map(({ name, guess }) => [name, guess])).toEqual([['jo', 325]])
    expect(channel.saidSince(before).join(' ')).toContain('it is 326, and jo is the nearest with 325.')
  })

  test('of two that are equally near the one who guessed earlier wins, whoever came first', () => {
    const id = jar(100)
    channel.hear('pia', '!jar 5')
    channel.hear('jo', '!jar 98')
    channel.hear('pia', '!jar 102')
    act(id, 'draw')
    later(8)
    expect(drawn(id)[0]?.name).toBe('jo')
  })

  test('cannot start without it, nor from a template or with a number out of bounds; and says so', () => {
    expect(() => jar(501)).toThrow('Say the answer first, a whole number from 1 to 500')
    const made = channel.send({ kind: 'raffle.start', settings: JAR, opens: { of: 'now' }, setup: null, by: 'wanda' })
    expect(sentence(made)).toContain('Nobody sees it before the end.')
  })

  test('is told to nobody before it is drawn, not even to the desk; its fingerprint is, and holds', () => {
    const id = jar(487)
    channel.hear('pia', '!jar 12')
    channel.hear('jo', '!jar 13')
    expect(JSON.stringify(channel.world.facts)).not.toContain('487')
    expect(raffle(id).answerCommitment).toMatch(/^[0-9a-f]{64}$/)
    act(id, 'draw')
    later(8)
    act(id, 'finish')
    const read = readRaffleFile(JSON.stringify(fileOf(id)))
    const steps = 'file' in read ? recheck(read.file) : []
    expect(steps.map(({ what }) => what)).toContain('The number, 487')
    expect(steps.every(agrees)).toBe(true)
    const forged = {
      ...fileOf(id),
      guess: { least: 1, most: 500, answer: '12:aa', commitment: raffle(id).answerCommitment },
    }
    expect(recheck(forged).every(agrees)).toBe(false)
  })

  test.each([['!jar'], ['!jar 0'], ['!jar 501'], ['!jar 3.5x'], ['!jar max'], ['!jar -4']])(
    '%s is answered with what to type',
    (line) => {
      const id = jar(5)
      expect(channel.hear('pia', line)[0]).toContain('Guess a whole number from 1 to 500: type !jar 250')
      expect(channel.world.all(entries).filter((one) => one.raffle === id)).toEqual([])
    },
  )

  test('is paid for once, and leaving gives it back', () => {
    jar(5, { price: 20, free: { everyone: 0, standings: [] } })
    channel.give('pia', 50)
    const had = channel.balance('pia')
    channel.hear('pia', '!jar 7')
    channel.hear('pia', '!jar 8')
    expect(channel.balance('pia')).toBe(had - 20)
    channel.hear('pia', '!jar leave')
    expect(channel.balance('pia')).toBe(had)
  })
})

test('where the number is drawn, nobody knows it before: it follows from the seed, and the check finds it', () => {
  const id = channel.raffle({ ...JAR, winners: 2, draw: 'all', guess: { least: 10, most: 20, answer: 'drawn' } })
  for (const [i, who] of ['pia', 'jo', 'umbra'].entries()) channel.hear(who, `!jar ${11 + 4 * i}`)
  act(id, 'draw')
  later(30)
  act(id, 'finish')
  const answer = drawnAnswer(raffle(id).seed, id, { least: 10, most: 20 })
  expect(answerTo(raffle(id))).toBe(answer)
  expect(drawn(id)).toHaveLength(2)
  expect(recheck(fileOf(id)).every(agrees)).toBe(true)
})

test('nobody who was passed over was nearer, and every number of the range can come up', () => {
  const guess = fc.record({ guess: fc.integer({ min: 0, max: 50 }) })
  const property = fc.property(
    fc.array(guess, { minLength: 1, maxLength: 30 }),
    fc.integer({ min: 0, max: 50 }),
    (all, answer) => {
      const guesses = all.map((one, i) => ({ ...one, viewer: i, order: i }))
      const order = nearestFirst(guesses, answer)
      for (const [i, one] of order.entries()) {
        const next = order[i + 1]
        if (next === undefined) continue
        const nearer = offBy(one.guess, answer) - offBy(next.guess, answer)
        expect(nearer < 0 || (nearer === 0 && one.order < next.order)).toBe(true)
      }
    },
  )
  fc.assert(property)
  const seen = new Set(
    Array.from({ length: 400 }, (_, i) => drawnAnswer(i.toString(16).padStart(64, '0'), 1, { least: 3, most: 7 })),
  )
  expect([...seen].sort()).toEqual([3, 4, 5, 6, 7])
})
