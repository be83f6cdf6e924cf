import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { typedWord } from './parse.ts'

describe('a line that begins with a word of ours', () => {
  test.each([
    ['!get whistle', { word: 'get', rest: 'whistle' }],
    ['  !GET   Whistle  now ', { word: 'get', rest: 'Whistle  now' }],
    ['!rivets', { word: 'rivets', rest: '' }],
    ['!Schraubenschlüssel', { word: 'schraubenschlüssel', rest: '' }],
    ['! get', undefined],
    ['!', undefined],
    ['!!', undefined],
    ['say !get', undefined],
    ['!get,whistle', undefined],
    ['', undefined],
  ])('%j is read as %o', (text, expected) => {
    const typed = typedWord(text)
    expect(typed && { word: typed.word, rest: text.slice(typed.end).trim() }).toEqual(expected)
  })

  test('no line of any letters upsets the channel or its sums', () => {
    const channel = new TestChannel()
    const show = channel.startShow()
    channel.arrive('pia')
    channel.now += 6000
    channel.pay(show)
    const line = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 600 }),
      fc.string().map((rest) => `!get ${rest}`),
      fc.string().map((rest) => `!get name-it ${rest}`),
    )
    fc.assert(
      fc.property(line, (text) => {
        channel.say('pia', text)
        expect(channel.sum()).toBe(0)
        expect(channel.lowest()).toBe(0)
      }),
      { numRuns: 300 },
    )
  })
})

describe('chat', () => {
  test('makes somebody present who was not seen to arrive, and remembers when they spoke', () => {
    const channel = new TestChannel()
    channel.say('pia', 'hello')
    expect(channel.viewer('pia')).toMatchObject({ present: true, presentSince: channel.now, chattedAt: channel.now })
    expect(channel.facts('people.arrived')).toHaveLength(1)
  })

  test('said privately is answered privately, shown to nobody, and makes nobody present', () => {
    const channel = new TestChannel()
    const who = { account: 'pia', name: 'Pia' }
    channel.send({ kind: 'chat.line', who, text: '!rivets', privately: true })
    expect(channel.facts('chat.said')).toEqual([])
    expect(channel.facts('chat.replied')[0]?.body).toMatchObject({ to: 'Pia', text: 'Pia has 0 rivets.' })
    expect(channel.viewer('pia').present).toBe(false)
  })

  test.each([
    ['pia\u202Enimda', 'pianimda'],
    ['  pia \n ohm ', 'pia ohm'],
    ['\u200b\u2060', 'pia'],
    ['e\u0301va', '\u00e9va'],
    ['x'.repeat(200), 'x'.repeat(60)],
  ])('the name %j is shown as %j', (name, shown) => {
    const channel = new TestChannel()
    channel.send({ kind: 'presence.arrived', who: { account: 'pia', name } })
    expect(channel.viewer('pia').name).toBe(shown)
  })

  test('a new name of a known account is kept, and their wallet with it', () => {
    const channel = new TestChannel()
    channel.say('pia', 'hello')
    const { id } = channel.viewer('pia')
    channel.send({ kind: 'chat.line', who: { account: 'pia', name: 'PiaOnTour' }, text: 'hi', privately: false })
    expect(channel.viewer('pia')).toMatchObject({ id, name: 'PiaOnTour' })
  })

  test('of an ignored account is passed over', () => {
    const channel = new TestChannel()
    channel.say('otherbot', 'hello')
    const bot = channel.viewer('otherbot')
    channel.world.rows.set(
      { name: 'viewer', load: 'keyed', key: () => bot.id, lookups: ['accountKey'], idIn: () => bot.id },
      { ...bot, ignored: true },
    )
    const before = channel.facts().length
    expect(channel.say('otherbot', '!rivets')).toBeUndefined()
    expect(channel.facts()).toHaveLength(before)
  })

  test('a standing that the source cannot tell stays as it is known', () => {
    const channel = new TestChannel()
    channel.send({ kind: 'presence.arrived', who: { account: 'rosa', name: 'rosa', moderator: true } })
    channel.send({ kind: 'store.buy', who: { account: 'rosa', name: 'rosa' }, word: 'whistle', text: '' })
    expect(channel.viewer('rosa').moderator).toBe(true)
  })

  test('the bot’s voice is a setting that everyone at the desk hears of', () => {
    const channel = new TestChannel()
    channel.send({ kind: 'chat.voice', voice: { muted: true } })
    expect(channel.facts('chat.voice')[0]?.body).toEqual({ muted: true })
  })
})
