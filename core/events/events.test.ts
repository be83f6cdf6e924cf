import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { showOnAir } from '../show/index.ts'

const receive = (channel: TestChannel, type: string, happenedAt = channel.now, body = {}) => {
  const result = channel.send({ kind: 'event.received', source: 'test', type: `ricompensa.${type}`, happenedAt, body })
  return result.ok ? result.value.outcome : result.refusal.code
}
const onAir = (channel: TestChannel) => showOnAir(channel.world) !== undefined

describe('an event', () => {
  test('starts and ends the show, once', () => {
    const channel = new TestChannel()
    expect(receive(channel, 'show.started', channel.now, { title: 'Lamps' })).toBe('The show is on air.')
    expect(showOnAir(channel.world)?.title).toBe('Lamps')
    expect(receive(channel, 'show.started')).toBe('The show was on air already.')
    channel.now += 60
    expect(receive(channel, 'show.ended')).toBe('The show is off air.')
    expect(receive(channel, 'show.ended')).toBe('There was no show on air.')
  })

  test('that arrives after a later one of its kind does nothing', () => {
    const channel = new TestChannel()
    channel.now += 100
    receive(channel, 'show.started', channel.now - 50)
    expect(receive(channel, 'show.ended', channel.now - 80)).toContain('A later event came first')
    expect(onAir(channel)).toBe(true)
  })

  test('from before a show that was started by hand does not end it', () => {
    const channel = new TestChannel()
    const before = channel.now - 10
    channel.startShow()
    expect(receive(channel, 'show.ended', before)).toContain('began later')
    expect(onAir(channel)).toBe(true)
  })

  test('makes its person known without making them present', () => {
    const channel = new TestChannel()
    const who = { account: 'pia', name: 'Pia' }
    channel.send({ kind: 'event.received', source: 's', type: 'ricompensa.follow', happenedAt: 5, who, body: { who } })
    expect(channel.viewer('pia')).toMatchObject({ name: 'Pia', present: false })
    expect(channel.facts('event.received')[0]?.body).toMatchObject({ type: 'ricompensa.follow', name: 'Pia' })
  })

  test('of an unknown kind, or of long ago, is kept and does nothing', () => {
    const channel = new TestChannel()
    const intent = { kind: 'event.received', source: 's', happenedAt: channel.now, body: { a: 1 } } as const
    expect(channel.send({ ...intent, type: 'elsewhere.thing' })).toMatchObject({
      value: { outcome: expect.stringContaining('kept') },
    })
    expect(receive(channel, 'show.started', channel.now - 8 * 86_400)).toContain('Older than a week')
    expect(onAir(channel)).toBe(false)
  })

  test('whatever the order of starts and ends, the show stands as the latest of them says', () => {
    const kinds = fc.array(fc.boolean(), { minLength: 1, maxLength: 8 })
    const orders = kinds.chain((starts) =>
      fc.shuffledSubarray(
        starts.map((start, i) => ({ start, at: i * 10 })),
        { minLength: starts.length },
      ),
    )
    fc.assert(
      fc.property(orders, (order) => {
        const channel = new TestChannel()
        channel.now += 1000
        for (const { start, at } of order) {
          receive(channel, start ? 'show.started' : 'show.ended', channel.now - 500 + at)
          // What has been ended is settled before anything else happens.
          const closing = channel.facts('show.ended').at(-1)?.body.show
          if (closing !== undefined) channel.send({ kind: 'show.settled', show: Number(closing) })
        }
        const latest = order.reduce((a, b) => (b.at > a.at ? b : a))
        // A show begun by an event begins when that is heard, so an end that happened before is not of that show.
        if (latest.start) expect(onAir(channel)).toBe(true)
      }),
    )
  })
})
