import { beforeEach, describe, expect, test } from 'vitest'
import type { TestChannel } from '../../testing/core/channel.ts'
import { evening, later as goOn, PLAYERS, potsOf, roundsOf, toldOf } from '../../testing/core/evening.ts'
import { commitmentOf, derivedSeed, seedSetting } from '../fairness/index.ts'
import { transfers } from '../ledger/index.ts'
import { readSetting } from '../settings/index.ts'
import { agrees } from './checked.ts'
import { recompute } from './declared.ts'
import { playerOf, type RoundRow, rounds, seatsOf } from './rounds.ts'

let channel: TestChannel

beforeEach(() => {
  channel = evening()
})

const lastRound = (): RoundRow => roundsOf(channel).at(-1) as RoundRow
const later = (seconds: number): void => goOn(channel, seconds)
const told = (round: RoundRow) => toldOf(channel, round)
const pots = (): number => potsOf(channel)
const refused = (name: string, text: string): string => channel.hear(name, text).join(' | ')

describe('a heist', () => {
  test('gathers, goes room by room, and comes out as its seed says', () => {
    expect(channel.hear('pia', '!heist 50')[0]).toContain('50 rivets')
    channel.hear('jo', '!heist 100 1')
    channel.hear('umbra', '!heist all')
    expect(channel.balance('umbra')).toBe(500)
    const commitment = lastRound().commitment
    expect(lastRound()).toMatchObject({ status: 'gathering', seats: 3, staked: 650 })
    later(60)
    expect(lastRound().status).toBe('running')
    for (let i = 0; i < 5; i++) later(12)
    const ended = lastRound()
    expect(ended).toMatchObject({ status: 'settled', commitment })
    expect(commitmentOf(ended.seed)).toBe(commitment)
    expect(derivedSeed(readSetting(channel.world, seedSetting).seed, ended.id)).not.toBe(ended.seed)
    const steps = recompute(told(ended))
    expect(steps).toHaveLength(3)
    for (const step of steps) expect(agrees(step)).toBe(true)
    expect([pots(), channel.sum()]).toEqual([0, 0])
    const paid = channel.world.appended(transfers).filter(({ reason }) => reason === 'won')
    expect(paid.reduce((sum, { amount }) => sum + amount, 0)).toBe(ended.paid)
  })

  test('is off with too few, and every stake is back', () => {
    channel.hear('pia', '!heist 50')
    const before = channel.world.facts.length
    later(60)
    expect(channel.saidSince(before)[0]).toContain('all stakes are refunded')
    expect([channel.balance('pia'), pots()]).toEqual([1000, 0])
    expect(playerOf(channel.world, channel.viewer('pia').id)).toMatchObject({ staked: 0, allStaked: 0, rounds: 0 })
  })

  test('ends even if the last ones leave in the very second in which the room was gone through', () => {
    const open = { name: 'the gate', throughPpm: 1_000_000, multiplier: 97, through: 'Open.', caught: 'Shut.' }
    const site = { name: 'Shed', fromCrew: 1, bonusPpm: 0, capPpm: 1_000_000, rooms: [open, open] }
    channel.game('heist', { sites: [site] })
    channel.hear('pia', '!heist 100')
    channel.hear('jo', '!heist 100')
    later(60)
    later(12)
    channel.hear('pia', '!out')
    channel.hear('jo', '!out')
    later(0)
    expect([lastRound().status, pots()]).toEqual(['settled', 0])
  })

  test('lets who is inside leave after a room, and pays what that room pays', () => {
    const sure = { name: 'the gate', throughPpm: 1_000_000, multiplier: 97, through: 'Open.', caught: 'Shut.' }
    const site = {
      name: 'Shed',
      fromCrew: 1,
      bonusPpm: 0,
      capPpm: 1_000_000,
      rooms: [sure, { ...sure, multiplier: 150 }],
    }
    channel.game('heist', { sites: [site], limits: { everyoneSeconds: 300, eachSeconds: 0, perViewer: 0, perShow: 0 } })
    channel.hear('pia', '!heist 100')
    channel.hear('jo', '!heist 100')
    expect(refused('pia', '!out')).toContain('before the first room')
    later(60)
    later(12)
    expect(channel.hear('pia', '!out')[0]).toContain('97 rivets')
    channel.now += 61
    expect(refused('pia', '!out')).toContain('You are out already')
    later(0)
    expect([channel.balance('pia'), channel.balance('jo'), pots()]).toEqual([997, 1050, 0])
    expect(recompute(told(lastRound())).every(agrees)).toBe(true)
    expect(refused('pia', '!heist 50')).toContain('cooldown')
    const before = channel.world.facts.length
    later(300)
    expect(channel.saidSince(before)[0]).toContain('!heist')
  })

  test.each([
    ['!heist 0', 'not an amount'],
    ['!heist -5', 'not an amount'],
    ['!heist 5', 'The smallest stake is 10 rivets'],
    ['!heist 600', '50 % of what you have'],
    ['!heist 2000', '1,000 rivets short'],
    ['!heist', 'Type it like !heist 50'],
    ['!heist 50 x', '"x" is not a room'],
  ])('refuses %s', (line, part) => {
    expect(refused('pia', line)).toContain(part)
    expect(channel.balance('pia')).toBe(1000)
  })

  test('cannot be joined by who has nothing, not even with all of it', () => {
    channel.arrive('poor')
    expect(refused('poor', '!heist all')).toContain('You have no rivets to stake')
  })

  test('is joined once by everyone, and not after it has set off', () => {
    channel.hear('pia', '!heist 50')
    expect(refused('pia', '!heist 50')).toContain('You are already in')
    channel.hear('jo', '!heist 50')
    later(60)
    expect(refused('bo', '!heist 50')).toContain('on its way')
  })

  test('whose time ran out while the server was away gives everything back and says so', () => {
    channel.hear('pia', '!heist 50')
    channel.hear('jo', '!heist 50')
    const before = channel.world.facts.length
    later(60 + 121)
    expect(channel.saidSince(before)[0]).toContain('the bot was away')
    expect([channel.balance('pia'), channel.balance('jo'), pots()]).toEqual([1000, 1000, 0])
  })
})

describe('a duel', () => {
  test('is asked in the room and privately, taken, and pays the pot less the rake', () => {
    const said = channel.hear('pia', '!duel @jo 100')
    expect(said[0]).toContain('jo')
    expect(said[1]).toContain('to jo: pia challenges you to a duel for 100 rivets: !take or !pass')
    expect(channel.balance('pia')).toBe(900)
    channel.hear('jo', '!take')
    later(5)
    expect([channel.balance('pia'), channel.balance('jo')].sort()).toEqual([1096, 900])
    expect([pots(), channel.sum()]).toEqual([0, 0])
    expect(recompute(told(lastRound())).every(agrees)).toBe(true)
  })

  test('can be declined, withdrawn, or left unanswered: the stake is back each time', () => {
    channel.hear('pia', '!duel jo 100')
    expect(channel.hear('jo', '!pass')[0]).toContain('jo declines')
    channel.hear('pia', '!duel 100')
    expect(channel.hear('pia', '!withdraw')[0]).toContain('withdraws the challenge')
    channel.hear('pia', '!duel 100 jo')
    const before = channel.world.facts.length
    later(90)
    expect(channel.saidSince(before)[0]).toContain('stake is refunded')
    expect([channel.balance('pia'), pots()]).toEqual([1000, 0])
  })

  test('that anyone may take goes to the first of two', () => {
    channel.hear('pia', '!duel 50')
    channel.hear('jo', '!take')
    expect(refused('umbra', '!take')).toContain('There is no duel for you to accept')
  })

  test.each([
    ['pia', '!duel pia 50', 'You cannot duel yourself'],
    ['pia', '!duel nobody_here 50', 'Nobody here is called'],
    ['pia', '!duel bot 50', 'is ignored'],
    ['pia', '!duel poor 50', 'cannot stake 50 rivets'],
    ['pia', '!duel sitter 50', 'is sitting out'],
    ['pia', '!duel old 50', 'has not been here this show'],
    ['pia', '!duel bo 50', 'was challenged to another duel'],
    ['fen', '!duel 50', 'You have a duel open'],
    ['fen', '!take', 'There is no duel for you'],
    ['pia', '!duel', 'Type it like !duel'],
  ])('%s: %s is refused', (who, line, part) => {
    channel.arrive('poor')
    channel.arrive('sitter')
    channel.give('sitter', 500)
    channel.hear('sitter', '!sitout 30d')
    channel.arrive('bot')
    channel.send({ kind: 'people.ignore', viewers: [channel.viewer('bot').id], ignored: true })
    channel.hear('fen', '!duel bo 50')
    expect(refused(who, line)).toContain(part)
  })
})

describe('the wheel', () => {
  test('takes several bets in a line, spins once for all, and shows the last numbers', () => {
    channel.hear('pia', '!spin 50 red, 20 17')
    channel.hear('jo', '!spin 10 second dozen')
    expect(refused('jo', '!spin 10 purple')).toContain('like: 50 red')
    later(40)
    expect(refused('bo', '!spin 10 red')).toContain('No more bets')
    later(5)
    const ended = lastRound()
    expect(ended.status).toBe('settled')
    expect(recompute(told(ended)).every(agrees)).toBe(true)
    expect([pots(), channel.sum()]).toEqual([0, 0])
  })

  test('counts all bets of one person on a spin as one play', () => {
    channel.game('roulette', { limits: { everyoneSeconds: 0, eachSeconds: 120, perViewer: 1, perShow: 0 } })
    channel.hear('pia', '!spin 10 red')
    expect(channel.hear('pia', '!spin 10 17')).toEqual(['pia: 10 on 17.'])
    later(40)
    later(5)
    expect(refused('pia', '!spin 10 red')).toContain('once this show')
    expect(refused('jo', '!spin')).toContain('There is no bet in that')
  })

  test('does not take a bet that the house could not pay', () => {
    channel.game('roulette', { houseLimit: 1000 })
    expect(refused('pia', '!spin 50 17')).toContain('would pay 1,800 rivets; the house pays 1,000')
    channel.hear('pia', '!spin 20 17')
    expect(refused('jo', '!spin 20 17')).toContain('would pay 1,440 rivets')
  })

  test('spins at once where no time is set for bets', () => {
    channel.game('roulette', { betSeconds: 0 })
    expect(channel.hear('pia', '!spin 50 red')[0]).toMatch(/\d+ (red|black|green)/)
    expect([lastRound().status, pots()]).toEqual(['settled', 0])
  })
})

describe('the machine', () => {
  test('and the coin end in the moment in which they begin', () => {
    expect(channel.hear('pia', '!reels 50')).toHaveLength(1)
    expect(channel.hear('jo', '!coin 50 tails')).toHaveLength(1)
    for (const round of channel.world.all(rounds)) {
      expect(round.status).toBe('settled')
      expect(recompute(told(round)).every(agrees)).toBe(true)
    }
    expect(refused('pia', '!reels 50')).toContain('again in')
    expect([pots(), channel.sum()]).toEqual([0, 0])
  })
})

describe('over all games', () => {
  test('nobody loses more in a show than is set, what lies in open rounds included', () => {
    channel.send({ kind: 'game.wagering', wagering: { mostLost: 120, sitOut: { word: 'sitout', aliases: [] } } })
    channel.hear('pia', '!heist 100')
    expect(refused('pia', '!duel jo 50')).toContain('what is left of the 120 rivets one may lose in a show')
    later(60)
    channel.hear('pia', '!heist all')
    expect(channel.balance('pia')).toBe(880)
  })

  test('who sits out cannot play, and nobody can end that early', () => {
    expect(channel.hear('pia', '!sitout 30d')[0]).toContain('for 30 days')
    expect(channel.hear('pia', '!sitout 1h')[0]).toContain('already sitting out for longer than that')
    expect(refused('pia', '!coin 50')).toContain('sitting out for 30 days')
    channel.now += 30 * 86_400
    expect(channel.hear('pia', '!coin 50')).toHaveLength(1)
  })

  test('a game that is off, or off air, says so, unless its word is another’s by now', () => {
    channel.game('coin', { on: false })
    expect(channel.hear('pia', '!coin 50')).toEqual(['pia: Coin is off here.'])
    expect([channel.hear('pia', '!coin 50'), channel.balance('pia')]).toEqual([[], 1000])
    channel.command({ word: 'coin' })
    expect(channel.hear('jo', '!coin 50')).toEqual(['The lamp is lit.'])
    channel.send({ kind: 'show.end' })
    expect(refused('pia', '!reels 50')).toContain('only while the show is on air')
  })

  test('a step opens a heist for everybody, and its end and what is won set triggers off', () => {
    channel.command({ word: 'tonight', steps: [{ do: 'round', how: 'open', game: 'heist' }] })
    channel.command({ word: 'nottonight', steps: [{ do: 'round', how: 'callOff', game: 'heist' }] })
    channel.trigger({
      source: { of: 'heistEnded' },
      steps: [{ do: 'say', text: 'Over: {{ event.crew }} in {{ event.site }}' }],
    })
    channel.trigger({
      source: { of: 'gameWon', from: 90, to: null },
      steps: [{ do: 'say', text: '{{ viewer.name }} {{ event.paid }}' }],
    })
    const sure = { name: 'the gate', throughPpm: 1_000_000, multiplier: 190, through: 'Open.', caught: 'Shut.' }
    channel.game('heist', {
      leastCrew: 1,
      sites: [{ name: 'Shed', fromCrew: 1, bonusPpm: 0, capPpm: 1, rooms: [sure] }],
    })
    expect(channel.hear('pia', '!tonight')[0]).toContain('!heist')
    expect(refused('jo', '!tonight')).toContain('is on already')
    channel.hear('jo', '!heist 50')
    expect(channel.hear('umbra', '!nottonight')[0]).toContain('All stakes are refunded')
    expect([channel.balance('jo'), lastRound().why]).toEqual([1000, 'Called off by umbra.'])
    expect(refused('umbra', '!nottonight')).toContain('is not on')
    channel.hear('pia', '!tonight')
    channel.hear('jo', '!heist 50')
    channel.hear('pia', '!heist 10')
    later(60)
    const before = channel.world.facts.length
    later(12)
    expect(channel.saidSince(before)).toEqual([expect.stringContaining('jo 95'), 'jo 95', 'Over: 2 in Shed'])
  })

  test('what is lost sets triggers off, in the game that they are about, from so much on', () => {
    const lost = (patch: object) =>
      channel.trigger({
        source: { of: 'gameLost', from: 1, to: null, game: null, ...patch },
        steps: [{ do: 'say', text: `${JSON.stringify(patch)} {{ viewer.name }} {{ event.game }} {{ event.lost }}` }],
      })
    for (const patch of [{}, { game: 'coin' }, { game: 'roulette' }, { from: 60 }]) lost(patch)
    let said: string[] = []
    for (let tries = 0; tries < 40 && said.length === 0; tries++) {
      const before = channel.world.facts.length
      channel.hear('pia', '!coin 10')
      later(5)
      said = channel.saidSince(before).filter((line) => line.startsWith('{'))
    }
    expect(said).toEqual(['{} pia Coin 10', '{"game":"coin"} pia Coin 10'])
  })

  test('called off by the team, all stakes are refunded', () => {
    for (const name of PLAYERS) channel.hear(name, '!heist 50')
    later(60)
    later(12)
    const caught = seatsOf(channel.world, lastRound()).filter(({ state }) => state !== 'out').length
    expect(channel.send({ kind: 'game.callOff', round: lastRound().id, by: 'wanda' }).ok).toBe(true)
    expect(lastRound()).toMatchObject({ status: 'off', why: 'Called off by wanda.' })
    expect(caught).toBeGreaterThan(0)
    expect(PLAYERS.map((name) => channel.balance(name))).toEqual(PLAYERS.map(() => 1000))
    expect(pots()).toBe(0)
    expect(channel.send({ kind: 'game.callOff', round: lastRound().id, by: 'wanda' }).ok).toBe(false)
  })
})
