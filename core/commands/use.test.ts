import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { EVERYONE_MAY, NO_LIMITS } from '../access/index.ts'
import { transfers } from '../ledger/index.ts'
import { runs } from '../runs/index.ts'
import type { Step } from '../steps/index.ts'
import type { Argument } from '../words/index.ts'

const say = (text: string): Step => ({ do: 'say', text })
const caller = { of: 'caller' } as const

function withPeople(): TestChannel {
  const channel = new TestChannel()
  for (const name of ['Pia', 'Jo', 'Mo']) channel.hear(name, 'hello')
  return channel
}

const lastRun = (channel: TestChannel) => channel.world.appended(runs).at(-1)

describe('a command', () => {
  test('answers to its word and its aliases, saved once', () => {
    const channel = withPeople()
    const id = channel.command({ aliases: ['light', 'lmap'] })
    for (const word of ['!lamp', '!LIGHT', ' !lmap please'])
      expect(channel.hear('Pia', word)).toEqual(['The lamp is lit.'])
    channel.command({ aliases: ['glow'] }, id)
    expect(channel.hear('Pia', '!glow')).toEqual(['The lamp is lit.'])
    expect(channel.hear('Jo', '!light')).toEqual([])
  })

  test('is silent when it is off, and gone when it is taken away', () => {
    const channel = withPeople()
    const id = channel.command({})
    channel.send({ kind: 'command.switch', command: id, on: false })
    expect(channel.hear('Pia', '!lamp')).toEqual([])
    channel.send({ kind: 'command.switch', command: id, on: true })
    expect(channel.hear('Pia', '!lamp')).toHaveLength(1)
    channel.send({ kind: 'command.remove', command: id })
    expect(channel.hear('Pia', '!lamp')).toEqual([])
  })

  test('is for whom it is meant', () => {
    const channel = withPeople()
    channel.send({ kind: 'channel.home', home: { owner: 'wanda', address: 'http://here', chatIssuer: '' } })
    const pia = channel.viewer('Pia').id
    const nobody = { ...EVERYONE_MAY, everyone: false }
    const uses = (name: string, who: object) => {
      channel.now += 100
      const id = channel.command({ word: 'only', who: { ...nobody, ...who } })
      const said = channel.hear(name, '!only')
      channel.send({ kind: 'command.remove', command: id })
      return said[0]
    }
    expect(uses('Pia', {})).toBe('Pia: !only is not open to you here.')
    expect(uses('Pia', { people: [pia] })).toBe('The lamp is lit.')
    expect(uses('Jo', { people: [pia] })).toBe('Jo: !only is not open to you here.')
    expect(uses('Wanda', { streamer: true })).toBe('The lamp is lit.')
    channel.send({ kind: 'people.keep', viewer: pia, tier: 2 })
    expect(uses('Pia', { standings: ['subscriber'] })).toBe('The lamp is lit.')
    expect(uses('Pia', { standings: ['tier3', 'moderator'] })).toContain('not open to you')
    const ranks = [
      { id: 1, name: 'Hand', from: 0, needs: null, badge: 'bolt' as const },
      { id: 2, name: 'Fitter', from: 60, needs: null, badge: 'cog' as const },
    ]
    channel.send({ kind: 'ranks.change', plan: { measure: 'hours', ranks, announce: '' } })
    expect(uses('Pia', { rank: 2 })).toContain('not open to you')
    channel.send({ kind: 'people.adjust', viewers: [pia], of: 'hours', how: 'give', amount: 7200, why: '', by: 'w' })
    expect(uses('Pia', { rank: 1 })).toBe('The lamp is lit.')
    expect(uses('Pia', { rank: 2 })).toBe('The lamp is lit.')
  })

  test('is heard where and when it should be', () => {
    const channel = withPeople()
    channel.command({ word: 'room', where: 'room' })
    channel.command({ word: 'secret', where: 'private' })
    channel.command({ word: 'live', onAir: true })
    expect(channel.hear('Pia', '!room', true)).toEqual(['to Pia: Pia: Say !room in the room.'])
    expect(channel.hear('Jo', '!secret')).toEqual(['Jo: Send !secret to the bot privately.'])
    expect(channel.hear('Pia', '!secret', true)).toEqual(['to Pia: The lamp is lit.'])
    expect(channel.hear('Pia', '!live')).toEqual(['Pia: !live works only while the show is on air.'])
    channel.startShow()
    expect(channel.hear('Pia', '!live')).toEqual(['The lamp is lit.'])
  })

  test('takes its price, and gives all of it back if a step cannot be done', () => {
    const channel = withPeople()
    channel.give('Pia', 100)
    channel.command({
      word: 'gift',
      cost: 30,
      arguments: [],
      steps: [{ do: 'take', from: caller, amount: { fixed: 80 } }],
    })
    channel.command({ word: 'cheap', cost: 30 })
    expect(channel.hear('Pia', '!gift')[0]).toBe('Pia: That takes 80 rivets; Pia has 70, 10 short.')
    expect([channel.balance('Pia'), channel.sum()]).toEqual([100, 0])
    expect(lastRun(channel)).toMatchObject({ outcome: 'refused', code: 'balance_too_small', viewerName: 'Pia' })
    expect(channel.hear('Pia', '!cheap')).toEqual(['The lamp is lit.'])
    expect(channel.balance('Pia')).toBe(70)
    expect(channel.world.appended(transfers).at(-1)).toMatchObject({ reason: 'charged', amount: 30 })
    expect(channel.hear('Jo', '!cheap')).toEqual(['Jo: !cheap costs 30 rivets; you are 30 rivets short.'])
  })

  test('used by a thousand people in one second with a rest for everyone runs once, and is refused aloud once', () => {
    const channel = new TestChannel()
    channel.command({ limits: { ...NO_LIMITS, everyoneSeconds: 60 } })
    const said = Array.from({ length: 1000 }, (_, i) => channel.hear(`viewer${i}`, '!lamp')).flat()
    expect(said).toEqual(['The lamp is lit.', 'viewer1: That is on cooldown for 1 min.'])
    const outcomes = channel.world.appended(runs).map(({ outcome }) => outcome)
    expect([outcomes.length, outcomes.filter((one) => one === 'done').length]).toEqual([1000, 1])
    channel.now += 60
    expect(channel.hear('viewer7', '!lamp')).toEqual(['The lamp is lit.'])
  })

  test('counts its uses by viewer and by show, and starts over with the next show', () => {
    const channel = withPeople()
    channel.command({ limits: { ...NO_LIMITS, perViewer: 1, perShow: 2 } })
    const show = channel.startShow()
    expect(channel.hear('Pia', '!lamp')).toEqual(['The lamp is lit.'])
    expect(channel.hear('Pia', '!lamp')).toEqual(['Pia: You can do that once this show, and you have.'])
    expect(channel.hear('Pia', '!lamp')).toEqual([])
    expect(channel.hear('Jo', '!lamp')).toEqual(['The lamp is lit.'])
    expect(channel.hear('Mo', '!lamp')).toEqual(['Mo: That is used up: 2 times this show.'])
    channel.endShow(show)
    expect(channel.hear('Mo', '!lamp')).toEqual(['The lamp is lit.'])
    channel.now += 3600
    channel.startShow()
    expect(channel.hear('Pia', '!lamp')).toEqual(['The lamp is lit.'])
  })

  test('that may not be heard refusing refuses silently', () => {
    const channel = withPeople()
    channel.command({ refusals: false, who: { ...EVERYONE_MAY, everyone: false } })
    expect(channel.hear('Pia', '!lamp')).toEqual([])
    expect(lastRun(channel)).toMatchObject({ code: 'command_not_allowed' })
  })

  test('refuses in the streamer’s words where there are any, which can tell why', () => {
    const channel = withPeople()
    const nobody = { ...EVERYONE_MAY, everyone: false }
    channel.command({ who: nobody, refusalText: 'Not now, {{ viewer.name }}. {{ why }}' })
    expect(channel.hear('Pia', '!lamp')).toEqual(['Not now, Pia. !lamp is not open to you here.'])
    expect(() => channel.command({ word: 'other', refusalText: '{{ balance }}' })).toThrow(
      'In the text for who may not',
    )
  })

  test('heard privately only is used so from the desk', () => {
    const channel = withPeople()
    const command = channel.command({ where: 'private' })
    const facts = channel.facts().length
    channel.send({ kind: 'command.use', command, viewer: channel.viewer('Pia').id, typed: '' })
    expect(channel.saidSince(facts)).toEqual(['to Pia: The lamp is lit.'])
  })

  test('answers with a mention or privately where that is wished', () => {
    const channel = withPeople()
    channel.command({ word: 'one', reply: 'mention' })
    channel.command({ word: 'two', reply: 'private' })
    channel.command({ word: 'three' })
    expect(channel.hear('Pia', '!one')).toEqual(['@Pia The lamp is lit.'])
    expect(channel.hear('Pia', '!two')).toEqual(['to Pia: The lamp is lit.'])
    channel.send({ kind: 'chat.voice', voice: { reply: 'mention' } })
    expect(channel.hear('Pia', '!three')).toEqual(['@Pia The lamp is lit.'])
    expect(channel.hear('Pia', '!rivets')).toEqual(['@Pia has 0 rivets.'])
    channel.command({ word: 'four', steps: [say('Pianos are heavy.')] })
    expect(channel.hear('Pia', '!four')).toEqual(['@Pia Pianos are heavy.'])
  })

  test('is hinted at where a word is nearly right, once a minute', () => {
    const channel = withPeople()
    channel.command({})
    expect(channel.hear('Pia', '!lapm')).toEqual(['Pia: did you mean !lamp?'])
    expect(channel.hear('Pia', '!lapm')).toEqual([])
    expect(channel.hear('Jo', '!weather')).toEqual([])
    channel.send({ kind: 'chat.voice', voice: { hints: false } })
    expect(channel.hear('Mo', '!lapm')).toEqual([])
  })

  test('is told that a game is off where hints are said, and nothing is nearer', () => {
    const channel = withPeople()
    channel.game('coin', { on: false })
    channel.game('duel', { on: false })
    channel.command({ word: 'coins' })
    expect(channel.hear('Pia', '!coin 50')).toEqual(['Pia: did you mean !coins?'])
    expect(channel.hear('Jo', '!duel Pia 5')).toEqual(['Jo: Duel is off here.'])
    channel.send({ kind: 'chat.voice', voice: { hints: false } })
    expect(channel.hear('Mo', '!duel Pia 5')).toEqual([])
  })

  test('leads to the pages that check every draw by !fair', () => {
    const channel = withPeople()
    expect(channel.hear('Pia', '!fair')[0]).toContain('Ask the streamer for its address.')
    channel.send({ kind: 'channel.home', home: { owner: 'wanda', address: 'http://here', chatIssuer: '' } })
    channel.now += 60
    expect(channel.hear('Pia', '!fair')).toEqual([
      'Everybody can check every draw: games at http://here/games, raffles at http://here/raffles',
    ])
    channel.raffle({}, { of: 'hand' })
    channel.now += 60
    expect(channel.hear('Mo', '!fair')[0]).toMatch(/raffles$/)
    const raffle = channel.raffle({ closeSeconds: 900 })
    channel.now += 60
    expect(channel.hear('Jo', '!fair')[0]).toMatch(new RegExp(`raffles at http://here/raffles/${raffle}$`))
  })

  test('is explained by !help', () => {
    const channel = withPeople()
    channel.send({ kind: 'channel.home', home: { owner: 'wanda', address: 'http://here', chatIssuer: '' } })
    channel.command({
      word: 'stamp',
      arguments: [
        { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 },
        { name: 'note', kind: 'text', needed: false, choices: [], most: 50 },
      ],
    })
    expect(channel.hear('Pia', '!help')).toEqual(['All commands: http://here/commands'])
    expect(channel.hear('Jo', '!help stamp')[0]).toBe(
      '!stamp <who> (note) · Tells of the lamp · who: a viewer’s name; note: a text',
    )
    expect(channel.hear('Mo', '!help nothing')[0]).toContain('There is no !nothing here.')
  })
})

describe('what is typed behind a word', () => {
  const wanted: Argument[] = [
    { name: 'who', kind: 'viewer', needed: true, choices: [], most: 1 },
    { name: 'amount', kind: 'amount', needed: true, choices: [], most: 1 },
    { name: 'how', kind: 'choice', needed: false, choices: ['fast', 'slow'], most: 1 },
  ]
  const steps = [say('{{ args.who.name }} {{ args.amount | in_words }} {{ args.how }}')]

  test('is read by kind, amounts as everywhere', () => {
    const channel = withPeople()
    channel.command({ arguments: wanted, steps })
    channel.give('Pia', 500)
    const hear = (text: string) => {
      channel.now += 10
      return channel.hear('Pia', text)[0]
    }
    expect(hear('!lamp @JO 1k slow')).toBe('Jo 1,000 rivets slow')
    expect(hear('!lamp jo half')).toBe('Jo 250 rivets')
    expect(hear('!lamp jo 1,000 FAST')).toBe('Jo 1,000 rivets fast')
    expect(hear('!lamp')).toBe('Pia: Type !lamp <who> <amount> (fast/slow).')
    expect(hear('!lamp ghost 5')).toBe('Pia: Nobody here is called "ghost". Type !lamp <who> <amount> (fast/slow).')
    expect(hear('!lamp jo five')).toContain('"five" is not an amount.')
    expect(hear('!lamp jo 5 sideways')).toContain('There are fast, slow.')
    expect(hear('!lamp jo 5 fast and more')).toContain('That is too much.')
  })

  test('finds people by nickname and by names that look the same, and says so when it cannot tell', () => {
    const channel = withPeople()
    channel.command({ arguments: wanted.slice(0, 1), steps: [say('{{ args.who.name }}')] })
    channel.send({ kind: 'people.keep', viewer: channel.viewer('Jo').id, nickname: 'Spanner' })
    expect(channel.hear('Pia', '!lamp spanner')).toEqual(['Spanner'])
    expect(channel.hear('Pia', '!lamp РIА')).toEqual(['Pia'])
    channel.hear('P1a', 'hello')
    channel.now += 10
    expect(channel.hear('Pia', '!lamp Рiа')[0]).toMatch(
      /could be Pia \(#\d+, account pia\) or P1a \(#\d+, account p1a\)\. Type @#\d+ for the first\./,
    )
  })

  test('can be anything without harm', () => {
    const channel = withPeople()
    channel.command({ arguments: wanted, steps })
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
        channel.now += 100
        for (const line of channel.hear('Pia', `!lamp ${text}`)) expect(line).not.toMatch(/\{\{|\{%/)
        expect(channel.sum()).toBe(0)
      }),
      { numRuns: 200 },
    )
  })
})

describe('words', () => {
  const refused = (channel: TestChannel, word: string, aliases: string[] = []) => {
    try {
      channel.command({ word, aliases })
      return ''
    } catch (fault) {
      return (fault as Error).message
    }
  }

  test('collide with nothing that listens in chat, whatever script they are in', () => {
    const channel = withPeople()
    channel.command({ aliases: ['light'] })
    expect(refused(channel, 'Light')).toContain('"!light" would mean two things: !Light and !lamp')
    expect(refused(channel, 'other', ['GET'])).toContain('buying a reward')
    expect(refused(channel, 'rivets')).toContain('the balance')
    expect(refused(channel, 'lаmp')).toContain('looks like "!lamp"')
    expect(refused(channel, 'fine', ['fine2'])).toBe('')
    const before = channel.send({ kind: 'currency.change', currency: { one: 'a', many: 'b', word: 'lamp' } })
    expect(before).toMatchObject({ refusal: { code: 'words_overlap' } })
  })
})
