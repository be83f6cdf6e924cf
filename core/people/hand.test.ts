import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { dayIn } from './hand.ts'

describe('gifts', () => {
  test('never makes or loses anything, keeps to the day’s limit, and leaves nobody below 0', () => {
    const acts = fc.array(
      fc.record({
        from: fc.constantFrom('pia', 'jo'),
        amount: fc.constantFrom('1', '7', '40', 'half', 'all', '1k'),
        wait: fc.nat(20_000),
      }),
      { maxLength: 30 },
    )
    fc.assert(
      fc.property(acts, (list) => {
        const channel = new TestChannel()
        for (const name of ['pia', 'jo']) channel.arrive(name)
        const viewers = ['pia', 'jo'].map((name) => channel.viewer(name).id)
        channel.send({ kind: 'people.adjust', viewers, of: 'balance', how: 'give', amount: 200, why: '', by: 'w' })
        channel.send({ kind: 'people.handing', handing: { on: true, perDay: 90, reply: '' } })
        const handed = new Map<string, number>()
        for (const { from, amount, wait } of list) {
          channel.now += wait
          const before = channel.balance(from)
          channel.say(from, `!hand ${from === 'pia' ? 'jo' : 'pia'} ${amount}`)
          const key = `${from}/${dayIn('UTC', channel.now)}`
          handed.set(key, (handed.get(key) ?? 0) + before - channel.balance(from))
          expect(channel.balance('pia') + channel.balance('jo')).toBe(400)
          expect(channel.lowest()).toBe(0)
        }
        for (const sum of handed.values()) expect(sum).toBeLessThanOrEqual(90)
      }),
      { numRuns: 60 },
    )
  })

  test('is answered in the streamer’s words', () => {
    const channel = new TestChannel()
    for (const name of ['pia', 'jo']) channel.arrive(name)
    channel.send({
      kind: 'people.adjust',
      viewers: [channel.viewer('pia').id],
      of: 'balance',
      how: 'give',
      amount: 9,
      why: '',
      by: 'w',
    })
    const reply = '{{ viewer.name }} slides {{ amount }} over to {{ other.name }}'
    channel.send({ kind: 'people.handing', handing: { on: true, perDay: 90, reply } })
    expect(channel.say('pia', '!hand jo 9')).toBe('pia slides 9 rivets over to jo')
    expect(channel.say('pia', '!hand')).toMatch(/type !hand, a name and how many/)
    expect(channel.say('pia', '!hand ghost 5')).toBe('pia: nobody here is called "ghost".')
  })
})

describe('a day', () => {
  test.each([
    ['2026-11-23T22:59:59Z', 'Europe/Berlin', '2026-11-23'],
    ['2026-11-23T23:00:00Z', 'Europe/Berlin', '2026-11-24'],
    ['2026-11-23T11:00:00Z', 'Pacific/Auckland', '2026-11-24'],
    ['2026-11-23T11:00:00Z', 'Pacific/Honolulu', '2026-11-23'],
  ])('%s in %s is %s', (at, zone, day) => {
    expect(dayIn(zone, Date.parse(at) / 1000)).toBe(Date.parse(`${day}T00:00:00Z`) / 86_400_000)
  })
})
