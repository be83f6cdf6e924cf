import { describe, expect, test } from 'vitest'
import { CURRENCY, TestChannel } from '../../testing/core/channel.ts'
import { readNamedAmount } from '../commands/corrections.ts'
import { viewers } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { members, NO_RIGHTS } from '../team/index.ts'
import { wordsSetting } from './words.ts'

function withPeople() {
  const channel = new TestChannel()
  for (const name of ['pia', 'Jo']) channel.arrive(name)
  channel.send({ kind: 'presence.arrived', who: { account: 'mo', name: 'mo', moderator: true } })
  const words = () => readSetting(channel.world, wordsSetting)
  const change = (patch: Partial<ReturnType<typeof words>>) =>
    channel.send({ kind: 'chat.words', words: { ...words(), ...patch } })
  return { channel, words, change }
}

/** Somebody of the team who may adjust balances by 50 at most. */
function withHelper({ world }: TestChannel, account: string): void {
  const rights = { areas: { ...NO_RIGHTS.areas, people: 'act' as const }, mostAdjusted: 50 }
  const row = { id: world.nextId(), account, name: account, rights, owner: false, by: 'wanda', since: 1 }
  world.put(members, { ...row, until: null, goneAt: null, invitation: null } as never)
}

describe('the team, in chat,', () => {
  test.each([
    ['!give pia 50', 'pia has 50 rivets now.'],
    ['!give @PIA 1k for the lamp', 'pia has 1,000 rivets now.'],
    ['!give 50 @jo', 'Jo has 50 rivets now.'],
    ['!deduct pia 10', 'pia has 0 rivets now (10 were asked for, 0 were there).'],
    ['!set pia 0', 'pia has 0 rivets now.'],
    ['!set pia 320', 'pia has 320 rivets now.'],
    ['!give nobody 5', 'mo: nobody here is called "nobody".'],
    ['!give pia -5', /"-5" is not an amount/],
    ['!give pia', /type !give, a name or everyone, and how many/],
  ])('says %s and is answered', (line, answer) => {
    const said = withPeople().channel.say('mo', line)
    if (answer instanceof RegExp) expect(said).toMatch(answer)
    else expect(said).toBe(answer)
  })

  test('corrects everyone present by the server’s hand', () => {
    const { channel } = withPeople()
    const result = channel.send({
      kind: 'chat.line',
      who: { account: 'mo', name: 'mo' },
      text: '!give everyone 5 good night',
      privately: false,
    })
    expect(result).toMatchObject({
      value: { follow: { to: null, everyone: { how: 'give', amount: 5, why: 'good night', by: 'mo' } } },
    })
  })

  test('has for a word of its own who may, in place of what holds for all', () => {
    const { channel, change } = withPeople()
    channel.send({ kind: 'presence.arrived', who: { account: 'rosa', name: 'rosa' } })
    withHelper(channel, 'rosa')
    expect(channel.say('rosa', '!give pia 50')).toBe('pia has 50 rivets now.')
    change({ allowedFor: { set: { standings: [], team: true }, give: { standings: ['follower'], team: false } } })
    expect(channel.say('mo', '!set pia 7')).toBeUndefined()
    expect(channel.say('mo', '!give pia 7')).toBeUndefined()
    expect(channel.say('rosa', '!give pia 7')).toBeUndefined()
    expect(channel.say('rosa', '!set pia 40')).toBe('pia has 40 rivets now.')
    expect(channel.say('mo', '!deduct pia 10')).toBe('pia has 30 rivets now.')
  })

  test('is known by the account that joined, or one that is linked to it, never by the same name elsewhere', () => {
    const { channel } = withPeople()
    withHelper(channel, 'rosa')
    const elsewhere = { issuer: 'irc:other.example', account: 'rosa', name: 'rosa' }
    const says = (who: object) =>
      channel.send({ kind: 'chat.line', who: { ...elsewhere, ...who }, text: '!give pia 5', privately: false })
    says({})
    expect(channel.balance('pia')).toBe(0)
    const key = 'irc:other.example\nrosa'
    const known = channel.world.find(viewers, 'accountKey', key)
    expect(channel.send({ kind: 'people.link', account: 'rosa', viewer: known?.id ?? 0 })).toMatchObject({ ok: true })
    says({})
    expect(channel.balance('pia')).toBe(5)
  })

  test('the streamer may correct, whatever their role in the room', () => {
    const { channel } = withPeople()
    channel.send({ kind: 'channel.home', home: { owner: 'pia', chatIssuer: '', address: '' } })
    expect(channel.say('pia', '!give jo 5')).toBe('Jo has 5 rivets now.')
  })

  test('is whoever may; others are not even answered', () => {
    const { channel } = withPeople()
    expect(channel.say('pia', '!give pia 500')).toBeUndefined()
    expect(channel.balance('pia')).toBe(0)
  })
})

describe('passing currency on', () => {
  test('is off until it is switched on, keeps to the day’s limit, and moves what was there', () => {
    const { channel } = withPeople()
    channel.say('mo', '!give pia 300')
    expect(channel.say('pia', '!hand jo 50')).toBe('pia: Gifts of rivets are switched off here.')
    channel.send({ kind: 'people.handing', handing: { on: true, perDay: 120, reply: '' } })
    expect(channel.say('pia', '!hand @Jo 100')).toBe('pia gave Jo 100 rivets, who now has 100 rivets.')
    expect(channel.say('pia', '!hand jo 21')).toBe('pia: You can give 20 rivets more today.')
    expect(channel.say('pia', '!hand pia 5')).toBe('pia: Those rivets are already yours.')
    expect(channel.say('jo', '!hand pia 101')).toBe('jo: You have 100 rivets.')
    channel.now += 86_400
    expect(channel.say('pia', '!hand jo half')).toMatch(/gave jo 100 rivets/)
    expect([channel.balance('pia'), channel.balance('Jo'), channel.sum()]).toEqual([100, 200, 0])
  })
})

describe('words', () => {
  test('answer by whatever they are called, rest as they are told, and are silent when off', () => {
    const { channel, words, change } = withPeople()
    change({ rank: { ...words().rank, word: 'title', aliases: ['level'], eachSeconds: 30 } })
    expect(channel.say('pia', '!rank')).toBeUndefined()
    expect(channel.say('pia', '!Level')).toBe('There are no ranks here.')
    expect(channel.say('pia', '!title')).toBeUndefined()
    expect(channel.say('jo', '!title')).toBe('There are no ranks here.')
    channel.now += 30
    expect(channel.say('pia', '!title')).toBe('There are no ranks here.')
    change({ rank: { ...words().rank, on: false } })
    channel.now += 60
    expect(channel.say('pia', '!title')).toBeUndefined()
  })

  test('never mean two things, the currency’s own included', () => {
    const { channel, words, change } = withPeople()
    expect(change({ rank: { ...words().rank, word: 'GET' } })).toMatchObject({ refusal: { code: 'words_overlap' } })
    expect(channel.send({ kind: 'currency.change', currency: { ...CURRENCY, aliases: ['here'] } })).toMatchObject({
      refusal: {
        code: 'words_overlap',
        sentence: '"!here" would mean two things: checking in and the balance. Change one of the two words.',
      },
    })
  })

  test('tell the balance of others to whoever may ask, unless they keep it to themselves', () => {
    const { channel, change } = withPeople()
    channel.say('mo', '!give pia 40')
    expect(channel.say('jo', '!rivets @pia')).toBe('pia has 40 rivets.')
    expect(channel.say('jo', '!rivets @ghost')).toBe('jo: nobody here is called "@ghost".')
    channel.send({ kind: 'people.keep', viewer: channel.viewer('pia').id, unlisted: true })
    expect(channel.say('jo', '!rivets pia')).toBe('pia keeps that private.')
    expect(channel.say('mo', '!rivets pia')).toBe('pia has 40 rivets.')
    change({ askOthers: false })
    expect(channel.say('jo', '!rivets pia')).toBe('jo has 0 rivets.')
  })

  test('ask the server for lists, of the time that was said', () => {
    const { channel } = withPeople()
    const follow = (text: string) => {
      const result = channel.send({ kind: 'chat.line', who: { account: 'jo', name: 'Jo' }, text, privately: true })
      channel.now += 60
      return result.ok ? result.value.follow : undefined
    }
    expect(follow('!top')).toEqual({ list: 'balance', period: 'all', to: 'Jo' })
    expect(follow('!longest show')).toEqual({ list: 'hours', period: 'show', to: 'Jo' })
    expect(follow('!earners 30')).toEqual({ list: 'earned', period: 'days', to: 'Jo' })
  })

  test('tell how long one has watched', () => {
    const { channel } = withPeople()
    const show = channel.startShow()
    channel.now += 3660
    channel.pay(show)
    expect(channel.say('pia', '!hours')).toBe('pia has watched 1 h 1 min, 1 h 1 min of it this show.')
    channel.endShow(show)
    channel.now += 60
    expect(channel.say('pia', '!hours')).toBe('pia has watched 1 h 1 min; 1 of the last 1 shows.')
  })
})

test.each([
  ['@pia 50 for it', { name: '@pia', amount: '50', rest: 'for it' }],
  ['50 pia', { name: 'pia', amount: '50', rest: '' }],
  ['all @4tea', { name: '@4tea', amount: 'all', rest: '' }],
  ['pia', undefined],
])('"%s" names somebody and an amount', (typed, expected) => expect(readNamedAmount(typed)).toEqual(expected))
