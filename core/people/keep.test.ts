import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { readImportLine } from './importLine.ts'

function withPeople(...names: string[]) {
  const channel = new TestChannel({ intervalSeconds: 60 })
  for (const name of names) channel.arrive(name)
  const id = (name: string) => channel.viewer(name).id
  const give = (name: string, amount: number) =>
    channel.send({ kind: 'people.adjust', viewers: [id(name)], of: 'balance', how: 'give', amount, why: '', by: 'w' })
  return { channel, id, give }
}

describe('a nickname', () => {
  test('is shown everywhere, outlives a change of the chat name, and goes when it is emptied', () => {
    const { channel, id } = withPeople('pia')
    channel.send({ kind: 'people.keep', viewer: id('pia'), nickname: 'Aunt\u202e Pia' })
    channel.send({ kind: 'presence.arrived', who: { account: 'pia', name: 'PIA' } })
    expect(channel.viewer('pia')).toMatchObject({ name: 'Aunt Pia', chatName: 'PIA', handle: 'pia' })
    channel.send({ kind: 'people.keep', viewer: id('pia'), nickname: '  ' })
    expect(channel.viewer('pia').name).toBe('PIA')
  })
})

describe('somebody ignored', () => {
  test('earns nothing from then on, and is known again with what they had', () => {
    const { channel, id } = withPeople('pia')
    const show = channel.startShow()
    channel.now += 60
    channel.pay(show)
    channel.send({ kind: 'people.ignore', viewers: [id('pia')], ignored: true })
    channel.now += 600
    channel.pay(show)
    expect(channel.say('pia', '!rivets')).toBeUndefined()
    expect(channel.balance('pia')).toBe(10)
    channel.send({ kind: 'people.ignore', viewers: [id('pia')], ignored: false })
    channel.now += 60
    channel.pay(show)
    expect(channel.balance('pia')).toBe(20)
  })

  test('is every program that says so with its first line, until the team decides otherwise', () => {
    const { channel, id } = withPeople('helper')
    const line = {
      kind: 'chat.line',
      who: { account: 'helper', name: 'helper', bot: true },
      text: 'beep',
      privately: false,
    } as const
    channel.send(line)
    expect(channel.viewer('helper').ignored).toBe(true)
    channel.send({ kind: 'people.ignore', viewers: [id('helper')], ignored: false })
    channel.send({ ...line, who: { account: 'helper', name: 'helper' } })
    channel.send(line)
    expect(channel.viewer('helper').ignored).toBe(false)
  })
})

describe('the archive', () => {
  test('takes who is not here, and coming back is enough to leave it', () => {
    const { channel, id } = withPeople('pia', 'jo')
    channel.leave('pia')
    const done = channel.send({ kind: 'people.archive', viewers: [id('pia'), id('jo')], archived: true })
    expect(done).toMatchObject({ value: { changed: 1 } })
    expect(channel.viewer('pia').archivedAt).toBe(channel.now)
    channel.arrive('pia')
    expect(channel.viewer('pia').archivedAt).toBeNull()
  })
})

describe('somebody known before they come', () => {
  test('has what they were given when they do, and cannot be added twice', () => {
    const { channel, give } = withPeople()
    expect(channel.send({ kind: 'people.add', account: 'pia', name: 'Pia' }).ok).toBe(true)
    expect(channel.send({ kind: 'people.add', account: 'pia', name: 'pia' })).toMatchObject({
      refusal: { code: 'viewer_known' },
    })
    give('pia', 70)
    expect(channel.say('Pia', '!rivets')).toBe('Pia has 70 rivets.')
  })
})

describe('notes', () => {
  test('are written and removed once', () => {
    const { channel, id } = withPeople('pia')
    const written = channel.send({ kind: 'people.note', viewer: id('pia'), text: ' brings radios ', by: 'wanda' })
    const note = written.ok ? written.value.note : 0
    expect(channel.send({ kind: 'people.note', viewer: id('pia'), text: ' ', by: 'wanda' }).ok).toBe(false)
    expect(channel.send({ kind: 'people.removeNote', note }).ok).toBe(true)
    expect(channel.send({ kind: 'people.removeNote', note })).toMatchObject({ refusal: { code: 'note_not_found' } })
  })
})

describe('a file of people', () => {
  const lines = [
    { account: 'pia', name: 'Pia', balance: 100, seconds: 3600 },
    { account: 'new', name: 'New', balance: null, seconds: 60 },
  ]

  test('is taken in once, adds to what is here or replaces it, and makes new people known', () => {
    const { channel, give } = withPeople('pia')
    give('pia', 30)
    const take = (digest: string, how: 'add' | 'set') =>
      channel.send({ kind: 'people.import', digest, lines, how, by: 'wanda' })
    expect(take('a', 'add')).toMatchObject({ value: { again: false, added: 1, changed: 2 } })
    expect(take('a', 'add')).toMatchObject({ value: { again: true, changed: 0 } })
    expect(channel.balance('pia')).toBe(130)
    expect(take('b', 'set')).toMatchObject({ value: { changed: 1 } })
    expect(channel.balance('pia')).toBe(100)
    expect(channel.watch('new').watchedSeconds).toBe(60)
    expect(channel.sum()).toBe(0)
  })

  test.each([
    [['@Pia', '1,200', '1:30'], { account: 'pia', name: 'Pia', balance: 1200, seconds: 5400 }],
    [['Pia', '1.234', '0:00:07'], { account: 'pia', name: 'Pia', balance: 1234, seconds: 7 }],
    [['pia', '12.0', '1'], { account: 'pia', name: 'pia', balance: 12, seconds: 3600 }],
    [['pia', '1.234.567,00', '1'], { account: 'pia', name: 'pia', balance: 1234567, seconds: 3600 }],
    [['pia', '1.5', '1'], /"1.5" is not a balance/],
    [['pia', '', '2.25'], { account: 'pia', name: 'pia', balance: null, seconds: 8100 }],
    [['', '1', '1'], 'There is no name.'],
    [['two words', '1', '1'], /has spaces in it/],
    [['pia', '-5', '1'], '"-5" is not a balance. Use a whole number from 0 up.'],
    [['pia', '99999999999999999', '1'], /is not a balance/],
    [['pia', '1', 'long'], '"long" is not a number of hours. Use one like 12 or 12.5.'],
  ])('reads the line %j', (cells, expected) => {
    const read = readImportLine(cells, { name: 0, balance: 1, hours: 2 })
    if (expected instanceof RegExp) expect(read).toMatch(expected)
    else expect(read).toEqual(expected)
  })
})

describe('hours', () => {
  test('are corrected by hand, never below 0, and it can be taken back', () => {
    const { channel, id } = withPeople('pia')
    const hours = (how: 'give' | 'take' | 'set', amount: number) =>
      channel.send({ kind: 'people.adjust', viewers: [id('pia')], of: 'hours', how, amount, why: '', by: 'w' })
    hours('give', 7200)
    expect(hours('take', 10_000)).toMatchObject({ value: { total: -7200 } })
    const set = hours('set', 3600)
    expect(channel.watch('pia').watchedSeconds).toBe(3600)
    channel.send({ kind: 'people.undo', adjustment: set.ok ? set.value.adjustment : 0, by: 'w' })
    expect(channel.watch('pia').watchedSeconds).toBe(0)
  })

  test('and balances of everybody can be taken back for a day', () => {
    const { channel, id, give } = withPeople('pia')
    give('pia', 500)
    const reset = {
      kind: 'people.adjust',
      viewers: [id('pia')],
      of: 'balance',
      how: 'set',
      amount: 0,
      why: '',
      by: 'w',
      reset: true,
    } as const
    const done = channel.send(reset)
    channel.now += 86_000
    expect(channel.send({ kind: 'people.undo', adjustment: done.ok ? done.value.adjustment : 0, by: 'w' }).ok).toBe(
      true,
    )
    expect(channel.balance('pia')).toBe(500)
  })
})
