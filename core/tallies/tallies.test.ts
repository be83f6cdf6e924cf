import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TALLY, TestChannel } from '../../testing/core/channel.ts'
import { topOf } from '../lists/index.ts'
import type { Step } from '../steps/index.ts'
import type { Argument } from '../words/index.ts'

const caller = { of: 'caller' } as const
const wanted: Argument[] = [
  { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 },
  { name: 'n', kind: 'number', needed: true, choices: [], most: 1 },
]
const who = { of: 'argument', name: 'who' } as const

function withPeople(): TestChannel {
  const channel = new TestChannel()
  for (const name of ['Pia', 'Jo', 'Mo']) channel.hear(name, 'hello')
  return channel
}

const correct = (channel: TestChannel, tally: number, name: string, how: 'add' | 'take' | 'set', amount: number) =>
  channel.send({ kind: 'tally.correct', tally, viewer: channel.viewer(name).id, how, amount, by: 'wanda' })

describe('a tally', () => {
  test('is never below nothing and never above its ceiling, and no time and no chat changes it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('add', 'take', 'set'), fc.nat(50))),
        fc.integer({ min: 1, max: 60 }),
        (changes, ceiling) => {
          const channel = withPeople()
          const tally = channel.tally({ ceiling })
          let expected = 0
          for (const [how, amount] of changes) {
            correct(channel, tally, 'Pia', how as 'add', amount)
            const asked = how === 'add' ? expected + amount : how === 'take' ? expected - amount : amount
            expected = Math.max(0, Math.min(ceiling, asked))
            channel.now += 600
            channel.say('Pia', 'talk')
            expect(channel.tallied('Pia', tally)).toBe(expected)
          }
        },
      ),
      { numRuns: 60 },
    )
  })

  test('keeps what a ceiling set later would take away', () => {
    const channel = withPeople()
    const tally = channel.tally()
    correct(channel, tally, 'Pia', 'add', 30)
    channel.send({ kind: 'tally.save', tally, settings: { ...TALLY, ceiling: 10 } })
    correct(channel, tally, 'Pia', 'add', 5)
    expect(channel.tallied('Pia', tally)).toBe(30)
    correct(channel, tally, 'Pia', 'take', 25)
    correct(channel, tally, 'Pia', 'add', 9)
    expect(channel.tallied('Pia', tally)).toBe(10)
  })

  test('counts for the show it was awarded in', () => {
    const channel = withPeople()
    const tally = channel.tally()
    const steps: Step[] = [
      { do: 'tally', tally, how: 'add', to: caller, amount: { fixed: 2 } },
      { do: 'say', text: '{{ viewer.tally.stamps.count }} / {{ viewer.tally.stamps.show }}' },
    ]
    channel.command({ steps })
    const show = channel.startShow()
    expect([channel.hear('Pia', '!lamp'), channel.hear('Pia', '!lamp')]).toEqual([['2 / 2'], ['4 / 4']])
    channel.endShow(show)
    channel.now += 86_400
    channel.startShow()
    expect(channel.hear('Pia', '!lamp')).toEqual(['6 / 2'])
  })

  test('is passed on only where that is allowed, and adds up', () => {
    const channel = withPeople()
    const tally = channel.tally({ passing: true, ceiling: 10 })
    correct(channel, tally, 'Pia', 'add', 8)
    correct(channel, tally, 'Jo', 'add', 7)
    const steps: Step[] = [
      { do: 'tally', tally, how: 'pass', to: who, amount: { argument: 'n' } },
      { do: 'say', text: 'ok' },
    ]
    channel.command({ arguments: wanted, steps })
    const pass = (text: string) => {
      channel.now += 90
      return channel.hear('Pia', text)[0]
    }
    expect(pass('!lamp jo 3')).toBe('ok')
    expect([channel.tallied('Pia', tally), channel.tallied('Jo', tally)]).toEqual([5, 10])
    expect(pass('!lamp jo 1')).toBe('Pia: Nobody can have more than 10 stamps.')
    expect(pass('!lamp mo 6')).toBe('Pia: You have 5 stamps to give.')
    expect(pass('!lamp pia 1')).toBe('Pia: Those stamps are already yours.')
    channel.send({ kind: 'tally.save', tally, settings: { ...TALLY, passing: false } })
    expect(pass('!lamp mo 1')).toBe('Pia: Stamps cannot be given away here.')
    expect(() => channel.command({ word: 'other', arguments: wanted, steps })).toThrow(
      'Allow it where the tally is set up',
    )
  })

  test('has a list of who has most, without those who want to be in none', () => {
    const channel = withPeople()
    const tally = channel.tally()
    for (const [name, n] of [
      ['Pia', 3],
      ['Jo', 9],
      ['Mo', 5],
    ] as const)
      correct(channel, tally, name, 'set', n)
    channel.send({ kind: 'people.keep', viewer: channel.viewer('Mo').id, unlisted: true })
    expect(topOf(channel.world, `tally/${tally}`, 5).map(({ name, value }) => [name, value])).toEqual([
      ['Jo', 9],
      ['Pia', 3],
    ])
    channel.command({ steps: [{ do: 'say', text: '{{ tally.stamps.name }}: {{ tally.stamps.top | places }}' }] })
    expect(channel.hear('Pia', '!lamp')).toEqual(['Stamps: 1. Jo 9, 2. Pia 3'])
  })

  test('has a name and a key of its own, which are free again once it is closed', () => {
    const channel = withPeople()
    const tally = channel.tally()
    expect(() => channel.tally({ name: 'Others' })).toThrow('Another tally is already called "stamps"')
    expect(() => channel.tally({ key: 'others' })).toThrow('There is already a tally called "Stamps"')
    channel.send({ kind: 'tally.close', tally })
    expect(() => channel.tally()).not.toThrow()
    expect(correct(channel, tally, 'Pia', 'add', 1)).toMatchObject({ refusal: { code: 'tally_not_found' } })
  })
})
