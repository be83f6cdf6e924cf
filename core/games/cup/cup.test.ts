import { beforeEach, describe, expect, test } from 'vitest'
import { TestChannel } from '../../../testing/core/channel.ts'
import { agrees } from '../checked.ts'
import { recompute } from '../declared.ts'
import { type RoundRow, rounds, seatsOf } from '../rounds.ts'
import type { CupRules, CupState } from './schema.ts'

let channel: TestChannel

const EVERYONE = { everyone: true, streamer: false, standings: [], rank: null, people: [] }
const RULES: CupRules = {
  name: 'Lamp cup',
  places: 4,
  kept: { places: 0, who: EVERYONE, before: false },
  stake: 100,
  prize: 200,
  second: 25,
  bestOf: 1,
  signUpSeconds: 60,
  matchSeconds: 30,
}
const NAMES = ['pia', 'jo', 'umbra', 'bo', 'fen']

beforeEach(() => {
  channel = new TestChannel()
  channel.send({
    kind: 'event.received',
    source: 'test',
    happenedAt: channel.now,
    type: 'ricompensa.follow',
    who: { account: 'bo', name: 'bo' },
    body: { who: { account: 'bo', name: 'bo' } },
  })
  channel.now += 10
  channel.startShow()
  for (const name of NAMES) {
    channel.arrive(name)
    channel.give(name, 500)
  }
  channel.game('cup')
})

const open = (rules: Partial<CupRules> = {}) => channel.send({ kind: 'cup.open', rules: { ...RULES, ...rules } })
const cup = (): RoundRow & { state: CupState } => channel.world.all(rounds).at(-1) as RoundRow & { state: CupState }
const later = (seconds: number): string[] => {
  const before = channel.world.facts.length
  channel.now += seconds
  channel.runTimers()
  return channel.saidSince(before)
}
const change = (does: 'begin' | 'out' | 'replace', viewer?: string, other?: string) =>
  channel.send({
    kind: 'cup.change',
    round: cup().id,
    does,
    ...(viewer !== undefined && { viewer: channel.viewer(viewer).id }),
    ...(other !== undefined && { other: channel.viewer(other).id }),
  })
const called = () => cup().state.matches.find(({ id }) => id === cup().state.current)
const nameOf = (id: number | null | undefined) => cup().state.entrants.find((one) => one.id === id)?.name ?? ''
const balances = () => NAMES.map((name) => channel.balance(name))

test('is signed up for, drawn, played with everybody there, and pays the pot and the house’s prize to the two finalists', () => {
  open()
  for (const name of ['pia', 'jo', 'umbra', 'bo']) channel.hear(name, '!cup')
  expect(channel.hear('fen', '!cup')).toEqual(['fen: All 4 places are taken.'])
  expect(channel.hear('pia', '!cup')).toEqual(['pia: You are signed up already.'])
  later(60)
  for (let i = 0; i < 3; i++) {
    expect(later(8)[0]).toMatch(/^(Semi-final|Final): @/)
    const match = called()
    expect(channel.hear(nameOf(match?.a), '!take')).toEqual([])
    expect(channel.hear(nameOf(match?.b), '!take')[0]).toMatch(/beats .* 1 : 0/)
  }
  expect(later(8)[0]).toMatch(/wins Lamp cup and 450 rivets!/)
  expect(balances().sort((a, b) => a - b)).toEqual([400, 400, 500, 550, 850])
  expect(channel.sum()).toBe(0)
  const round = cup()
  expect(recompute({ ...round, seats: seatsOf(channel.world, round) }).filter((one) => !agrees(one))).toEqual([])
})

test('goes on by walkover where one shows up, and by lot where neither does', () => {
  open({ stake: 0 })
  for (const name of ['pia', 'jo', 'umbra', 'bo']) channel.hear(name, '!cup')
  change('begin')
  later(8)
  const first = called()
  channel.hear(nameOf(first?.b), '!take')
  expect(later(30)[0]).toBe(`${nameOf(first?.a)} did not show up: ${nameOf(first?.b)} goes on.`)
  later(8)
  expect(later(30)[0]).toMatch(/^Neither .* showed up; by lot/)
  expect(cup().state.matches.map(({ how }) => how)).toEqual(['walkover', 'lot', null])
})

test('with too few is off, and entries are back', () => {
  open()
  channel.hear('pia', '!cup')
  channel.hear('jo', '!cup')
  expect(later(60)[0]).toContain('Only 2 signed up')
  expect(balances()).toEqual([500, 500, 500, 500, 500])
})

describe('places', () => {
  test('are kept for who follows since before the show, until they are taken', () => {
    open({ kept: { places: 3, who: { ...EVERYONE, everyone: false, standings: ['follower'] }, before: true } })
    expect(channel.hear('pia', '!cup')).toHaveLength(1)
    expect(channel.hear('jo', '!cup')).toEqual(['jo: The open places are taken; the 3 left are reserved for others.'])
    expect(channel.hear('bo', '!cup')[0]).toContain('bo is in (2 of 4)')
    expect(cup().state.entrants.map(({ kept }) => kept)).toEqual([false, true])
  })

  test('are given back in chat or at the desk, and to somebody else until the first match', () => {
    open()
    for (const name of ['pia', 'jo', 'umbra', 'bo']) channel.hear(name, '!cup')
    expect(channel.hear('pia', '!withdraw')).toEqual([])
    expect(channel.balance('pia')).toBe(500)
    expect(change('out', 'jo').ok).toBe(true)
    channel.hear('jo', '!cup')
    change('begin')
    expect(change('out', 'jo')).toMatchObject({ refusal: { code: 'round_running' } })
    expect(change('replace', 'jo', 'fen').ok).toBe(true)
    expect([channel.balance('jo'), channel.balance('fen')]).toEqual([500, 400])
    expect(
      cup()
        .state.matches.flatMap(({ a, b }) => [nameOf(a), nameOf(b)])
        .filter((name) => name !== ''),
    ).toContain('fen')
    later(8)
    later(30)
    expect(change('replace', 'fen', 'jo')).toMatchObject({ refusal: { code: 'round_running' } })
    for (let i = 0; i < 9; i++) later(30)
    expect(cup().status).toBe('settled')
    const round = cup()
    expect(recompute({ ...round, seats: seatsOf(channel.world, round) }).filter((one) => !agrees(one))).toEqual([])
    expect([channel.sum(), channel.lowest()]).toEqual([0, 0])
  })

  test('cost what one has, and no more than one may lose', () => {
    open({ stake: 600 })
    expect(channel.hear('pia', '!cup')).toEqual(['pia: The entry is 600 rivets; you have 500 rivets.'])
    expect(open()).toMatchObject({ refusal: { code: 'round_running' } })
    channel.send({ kind: 'game.callOff', round: cup().id, by: 'wanda' })
    channel.send({ kind: 'game.wagering', wagering: { mostLost: 50, sitOut: { word: 'sitout', aliases: [] } } })
    open({ stake: 60 })
    expect(channel.hear('jo', '!cup')[0]).toContain('you can lose 50 rivets more')
    expect(open({ kept: { ...RULES.kept, places: 9 } })).toMatchObject({ ok: false })
  })
})
