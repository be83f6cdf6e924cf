import { beforeEach, describe, expect, test } from 'vitest'
import { type TestChannel, TRIGGER } from '../../testing/core/channel.ts'
import { evening, later, potsOf } from '../../testing/core/evening.ts'
import { balanceOf } from '../ledger/index.ts'
import { type BetSettings, bets, USUAL_TERMS } from './index.ts'

const RADIO: BetSettings = {
  ...USUAL_TERMS,
  question: 'Will the radio play?',
  outcomes: [
    { name: 'Yes', word: 'yes' },
    { name: 'Only noise', word: 'noise' },
    { name: 'No', word: 'no' },
  ],
}

let channel: TestChannel
beforeEach(() => {
  channel = evening()
})

function opened(settings: Partial<BetSettings> = {}): number {
  const made = channel.send({ kind: 'bet.open', settings: { ...RADIO, ...settings }, template: null, by: 'wanda' })
  if (!made.ok) throw new Error(made.refusal.sentence)
  return made.value.bet
}

const act = (bet: number, does: object, by = 'wanda') => channel.send({ kind: 'bet.act', bet, act: does as never, by })
const settle = (bet: number, outcome: number, more: object = {}, by = 'wanda') =>
  act(bet, { does: 'settle', outcome, knownFrom: null, note: '', link: '', instead: false, ...more }, by)
const code = (result: { ok: boolean; refusal?: { code: string } }) => (result.ok ? 'ok' : result.refusal?.code)
const balance = (name: string) => balanceOf(channel.world, channel.viewer(name).id)
const statusOf = (bet: number) => channel.world.get(bets, bet)?.status

describe('betting in chat', () => {
  test('goes by number, by word and by name, with an amount or a part of what one has', () => {
    opened()
    expect(channel.hear('pia', '!back 2 100')).toEqual([
      'pia has 100 rivets on “Only noise”; that would bring 100 rivets now.',
    ])
    channel.hear('jo', '!back YES half')
    channel.hear('bo', '!back no 1k')
    expect([balance('pia'), balance('jo'), balance('bo')]).toEqual([900, 500, 0])
  })

  test('says how where an outcome or an amount is missing, and how it stands without either', () => {
    opened()
    expect(channel.hear('pia', '!back maybe 10').join()).toContain('"maybe" is no outcome. There are yes, noise, no.')
    expect(channel.hear('jo', '!back yes').join()).toContain('How much? Type !back yes 100.')
    channel.hear('jo', '!back yes 200')
    expect(channel.hear('bo', '!back').join()).toBe(
      '“Will the radio play?” 1 Yes: 200 rivets, 100 would bring 100 rivets; 2 Only noise: nothing yet, 100 would bring 300 rivets; 3 No: nothing yet, 100 would bring 300 rivets. Type !back yes 100.',
    )
  })

  test('of two open bets takes the one that has the word, and refuses a number that both have', () => {
    const first = opened()
    opened({
      question: 'Rain before dawn?',
      outcomes: [
        { name: 'Rain', word: 'rain' },
        { name: 'Dry', word: 'dry' },
      ],
    })
    channel.hear('pia', '!back yes 50')
    channel.hear('jo', '!back dry 50')
    expect(channel.hear('bo', '!back 1 50').join()).toContain('Use a word that only one of them has.')
    expect(balanceOf(channel.world, first)).toBe(50)
    act(first, { does: 'lock' })
    expect(channel.hear('fen', '!back no 10').join()).toContain('Betting on “Will the radio play?” was closed just now')
  })

  test('adds to one’s own outcome, and refuses another where everybody has one', () => {
    opened()
    channel.hear('pia', '!back yes 50')
    channel.hear('pia', '!back yes 70')
    expect(channel.hear('pia', '!back no 10').join()).toContain('You have bet on “Yes”, and everybody has one outcome.')
    expect(balance('pia')).toBe(880)
  })

  test('keeps the largest stake and the share over all that one lays', () => {
    opened({ stakes: { smallest: 10, largest: 300, share: 50 } })
    channel.hear('pia', '!back yes 250')
    expect(channel.hear('pia', '!back yes 100').join()).toContain(
      'The most you can stake now is 50 rivets: the largest stake',
    )
    channel.hear('pia', '!back yes all')
    expect(balance('pia')).toBe(700)
  })

  test('gives back until the lock where that is allowed, and nowhere else', () => {
    const bet = opened({ takeBack: true })
    channel.hear('pia', '!back yes 50')
    expect(channel.hear('pia', '!back out').join()).toContain('50 rivets refunded')
    channel.hear('pia', '!back no 60')
    act(bet, { does: 'lock' })
    channel.hear('pia', '!back out')
    expect(balance('pia')).toBe(940)
    act(bet, { does: 'callOff', why: '' })
    channel.runTimers()
    opened()
    channel.hear('jo', '!back yes 50')
    expect(channel.hear('jo', '!back leave').join()).toContain('Bets cannot be taken back here.')
  })

  test('is refused a second after the lock, by the clock of the server, and to whom sits out', () => {
    opened({ openSeconds: 60 })
    channel.hear('jo', '!sitout 2d')
    expect(channel.hear('jo', '!back yes 50').join()).toContain('sitting out')
    channel.now += 60
    expect(channel.hear('pia', '!back yes 50').join()).toContain('was closed just now, by the server’s clock.')
    expect(balance('pia')).toBe(1000)
  })

  test('counts for the limit on losses until it comes back', () => {
    channel.send({ kind: 'game.wagering', wagering: { mostLost: 300, sitOut: { word: 'sitout', aliases: [] } } })
    const bet = opened()
    channel.hear('pia', '!back yes 300')
    expect(channel.hear('pia', '!coin 50').join()).toContain('nothing now')
    act(bet, { does: 'callOff', why: 'the radio fell' })
    channel.runTimers()
    channel.hear('pia', '!back yes 50')
    expect(balance('pia')).toBe(1000)
    opened()
    channel.hear('pia', '!back yes 300')
    expect(balance('pia')).toBe(700)
  })
})

describe('a bet', () => {
  test('is locked by its time, told at once, and paid after the pause', () => {
    const bet = opened({ openSeconds: 60 })
    channel.hear('pia', '!back yes 60')
    channel.hear('jo', '!back no 100')
    expect(code(settle(bet, 0))).toBe('bet_not_locked')
    later(channel, 60)
    expect(statusOf(bet)).toBe('locked')
    const before = channel.facts().length
    settle(bet, 0)
    expect(channel.saidSince(before)).toEqual([
      '“Will the radio play?”: Yes! 1 winner gets 100 rivets beside the stake. Paid in 20 s.',
    ])
    expect([statusOf(bet), balance('pia')]).toEqual(['announced', 940])
    later(channel, 20)
    expect([statusOf(bet), balance('pia'), balance('jo'), potsOf(channel)]).toEqual(['settled', 1100, 900, 0])
    // Who lost hears that it is over, as everybody does.
    const told = channel
      .facts()
      .slice(before)
      .filter(({ kind }) => kind === 'bet.own' || kind === 'bet.ended')
    expect(told.map(({ kind, audience }) => [kind, audience])).toEqual([
      ['bet.own', `viewer:${channel.viewer('pia').id}`],
      ['bet.ended', 'everyone'],
    ])
  })

  test('settled by two at once is settled once, and changed only where that is meant', () => {
    const bet = opened()
    channel.hear('pia', '!back yes 60')
    channel.hear('jo', '!back no 100')
    act(bet, { does: 'lock' })
    settle(bet, 0, {}, 'ines')
    const second = settle(bet, 2)
    expect(second.ok ? '' : second.refusal.sentence).toBe(
      'ines picked “Yes” already. Change it if that is wrong: it is paid in 20 s.',
    )
    later(channel, 15)
    expect(code(settle(bet, 2, { instead: true }))).toBe('ok')
    later(channel, 5)
    expect(statusOf(bet)).toBe('announced')
    later(channel, 15)
    expect([balance('pia'), balance('jo')]).toEqual([940, 1060])
    expect([code(settle(bet, 0, { instead: true })), code(act(bet, { does: 'callOff', why: '' }))]).toEqual([
      'bet_not_found',
      'bet_not_found',
    ])
  })

  test('gives bets back that came once it could be known, and keeps a rake of the losing stakes alone', () => {
    const bet = opened({ rakeBp: 1000 })
    channel.hear('pia', '!back yes 100')
    channel.hear('jo', '!back no 200')
    later(channel, 30)
    channel.hear('bo', '!back yes 900')
    act(bet, { does: 'lock' })
    settle(bet, 0, { knownFrom: channel.now })
    later(channel, 20)
    expect([balance('pia'), balance('jo'), balance('bo')]).toEqual([1180, 800, 1000])
    expect([channel.sum(), potsOf(channel)]).toEqual([0, 0])
  })

  test('with nobody on what came true, with one bet, or with none gives everything back', () => {
    const bet = opened({ rakeBp: 5000 })
    channel.hear('pia', '!back yes 100')
    act(bet, { does: 'lock' })
    settle(bet, 1)
    later(channel, 20)
    const empty = opened()
    act(empty, { does: 'lock' })
    settle(empty, 1)
    later(channel, 20)
    expect([balance('pia'), statusOf(bet), statusOf(empty), potsOf(channel)]).toEqual([1000, 'settled', 'settled', 0])
  })

  test('that somebody has bet on keeps its question, its outcomes and its rake', () => {
    const bet = opened()
    const change = (settings: Partial<BetSettings>) =>
      code(act(bet, { does: 'change', settings: { ...RADIO, ...settings } }))
    expect(change({ question: 'Does the radio play?', outcomes: RADIO.outcomes.slice(0, 2) })).toBe('ok')
    expect(change({})).toBe('ok')
    channel.hear('pia', '!back no 100')
    expect([change({ outcomes: RADIO.outcomes.slice(0, 2) }), change({ rakeBp: 100 })]).toEqual([
      'bet_fixed',
      'bet_fixed',
    ])
    expect(change({ pauseSeconds: 0, openSeconds: 900 })).toBe('ok')
    expect(channel.world.get(bets, bet)?.locksAt).toBe(channel.now + 900)
  })

  test('is extended, opened again after a lock that came too early, and locked with the show', () => {
    const bet = opened({ openSeconds: 60 })
    act(bet, { does: 'extend', seconds: 60 })
    later(channel, 61)
    expect(statusOf(bet)).toBe('open')
    act(bet, { does: 'lock' })
    act(bet, { does: 'extend', seconds: 300 })
    channel.hear('pia', '!back yes 10')
    channel.send({ kind: 'show.end' } as never)
    expect([statusOf(bet), balanceOf(channel.world, bet)]).toEqual(['locked', 10])
    // The next day it can still be settled.
    later(channel, 86_400)
    settle(bet, 0)
    later(channel, 20)
    expect(statusOf(bet)).toBe('settled')
  })

  test('half set is not opened, and says what is missing', () => {
    const tried = (settings: Partial<BetSettings>) =>
      channel.send({ kind: 'bet.open', settings: { ...RADIO, ...settings }, template: null, by: 'wanda' })
    const twice = tried({ outcomes: [...RADIO.outcomes, { name: 'Yes!', word: 'YES' }] })
    const numbered = tried({ outcomes: [{ name: 'Two', word: '2' }, ...RADIO.outcomes] })
    expect([twice, numbered].map((one) => (one.ok ? '' : one.refusal.sentence))).toEqual([
      'Outcome 1 has this word, too.',
      'A number stands for a place in the list. Use a word.',
    ])
    expect(code(tried({ stakes: { smallest: 50, largest: 10, share: 100 } }))).toBe('bet_invalid')
    channel.send({ kind: 'show.end' } as never)
    expect(code(tried({}))).toBe('bet_off_air')
    expect(code(tried({ onAir: false }))).toBe('ok')
  })

  test('pays whom an account was merged into, and what a forgotten one would get is the house’s', () => {
    const bet = opened()
    channel.hear('pia', '!back yes 100')
    channel.hear('jo', '!back yes 100')
    channel.hear('bo', '!back no 100')
    const [pia, jo] = [channel.viewer('pia').id, channel.viewer('jo').id]
    for (const name of ['pia', 'jo']) channel.leave(name)
    channel.send({ kind: 'people.merge', from: pia, into: channel.viewer('fen').id })
    channel.send({ kind: 'people.forget', viewer: jo, confirm: 'jo' })
    act(bet, { does: 'lock' })
    settle(bet, 0)
    later(channel, 20)
    expect([balance('fen'), balanceOf(channel.world, jo), statusOf(bet)]).toEqual([2050, 0, 'settled'])
    expect([potsOf(channel), channel.sum()]).toEqual([0, 0])
  })

  test('is opened and locked by steps, and sets triggers off', () => {
    const kept = channel.send({ kind: 'bet.saveTemplate', template: null, settings: RADIO, digit: 1 })
    const template = kept.ok ? kept.value.template : 0
    channel.command({ word: 'lockit', steps: [{ do: 'bet', how: 'lock', template }] })
    channel.command({ word: 'betnow', steps: [{ do: 'bet', how: 'open', template }] })
    channel.trigger({
      ...TRIGGER,
      source: { of: 'betSettled', setup: template },
      steps: [
        { do: 'say', text: '{{ event.winner }}: {{ event.winners }} of {{ event.people }} share {{ event.prize }}' },
      ],
    })
    channel.hear('pia', '!betnow')
    channel.hear('jo', '!back noise 30')
    channel.hear('bo', '!back yes 40')
    channel.hear('pia', '!lockit')
    const [bet] = channel.world.all(bets)
    expect(bet?.status).toBe('locked')
    settle(bet?.id ?? 0, 1)
    const before = channel.facts().length
    later(channel, 20)
    expect(channel.saidSince(before)).toEqual(['Only noise: 1 of 2 share 40 rivets'])
  })
})

test('the word for betting is no other word’s', () => {
  const made = channel.send({
    kind: 'bets.change',
    defaults: { word: { word: 'give', aliases: [] }, terms: USUAL_TERMS },
  })
  expect(made.ok ? '' : made.refusal.sentence).toContain('"!give" would mean two things')
  expect(() => channel.command({ word: 'back' })).toThrow('betting')
  expect(() => channel.raffle({ word: { word: 'back', aliases: [] } })).toThrow('betting')
})
