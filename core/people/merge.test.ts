import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { earnedOf } from '../ledger/index.ts'
import { aliases, findViewer, viewers } from './index.ts'

interface Had {
  readonly shows: number
  readonly given: number
  readonly follower: boolean
  readonly tier: number
  readonly checkIns: number
}

const had = fc.record({
  shows: fc.nat(3),
  given: fc.nat(500),
  follower: fc.boolean(),
  tier: fc.nat(3),
  checkIns: fc.nat(3),
})

/** Somebody who attended shows, was given something and checked in; left again. */
function live(channel: TestChannel, name: string, { shows, given, follower, tier, checkIns }: Had): void {
  channel.arrive(name)
  const { id } = channel.viewer(name)
  if (given > 0)
    channel.send({ kind: 'people.adjust', viewers: [id], of: 'balance', how: 'give', amount: given, why: '', by: 'w' })
  channel.send({ kind: 'people.keep', viewer: id, follower, tier })
  for (let i = 0; i < Math.max(shows, checkIns); i++) {
    if (i >= shows) channel.leave(name)
    const show = channel.startShow()
    if (i < checkIns) channel.send({ kind: 'people.checkIn', who: { account: name, name } })
    channel.now += 600
    channel.endShow(show)
    channel.now += 3600
  }
  channel.leave(name)
}

const CHECK_IN = { amount: 5, streakPlus: 1, streakMost: 3, missedAllowed: true }

describe('two accounts made one', () => {
  test('have together what they had apart, whatever that was, and nothing is left behind', () => {
    fc.assert(
      fc.property(had, had, (a, b) => {
        const channel = new TestChannel({ intervalSeconds: 60, checkIn: CHECK_IN })
        live(channel, 'old', a)
        live(channel, 'new', b)
        const [from, into] = [channel.viewer('old').id, channel.viewer('new').id]
        const sumOf = (of: (name: string) => number) => of('old') + of('new')
        const before = {
          balance: sumOf((name) => channel.balance(name)),
          earned: sumOf((name) => earnedOf(channel.world, channel.viewer(name).id)),
          watched: sumOf((name) => channel.watch(name).watchedSeconds),
          checkIns: sumOf((name) => channel.habit(name).checkIns),
        }
        expect(channel.send({ kind: 'people.merge', from, into }).ok).toBe(true)
        const after = {
          balance: channel.balance('new'),
          earned: earnedOf(channel.world, into),
          watched: channel.watch('new').watchedSeconds,
          checkIns: channel.habit('new').checkIns,
        }
        expect(after).toEqual(before)
        expect(channel.viewer('new').followedAt !== null).toBe(a.follower || b.follower)
        expect(channel.viewer('new').tier).toBe(Math.max(a.tier, b.tier))
        expect(channel.world.get(aliases, 'old')?.viewer).toBe(into)
        expect(channel.sum()).toBe(0)
      }),
      { numRuns: 60 },
    )
  })

  test('are known as one from then on: a line by the old account is theirs, under their own name', () => {
    const channel = new TestChannel()
    for (const name of ['old', 'new']) {
      channel.arrive(name)
      channel.leave(name)
    }
    const [from, into] = [channel.viewer('old').id, channel.viewer('new').id]
    channel.send({ kind: 'people.merge', from, into })
    expect(channel.say('old', '!rivets')).toBe('new has 0 rivets.')
    expect(channel.viewer('new').present).toBe(true)
    expect(channel.send({ kind: 'people.merge', from: into, into: from })).toMatchObject({
      refusal: { code: 'viewer_not_found' },
    })
  })
})

test('who is ignored, or sits games out, does not get out of it by linking another account', () => {
  const channel = new TestChannel()
  for (const name of ['pia', 'too']) {
    channel.arrive(name)
    channel.send({ kind: 'presence.left', account: name })
  }
  const [pia, too] = [channel.viewer('pia'), channel.viewer('too')]
  channel.world.put(viewers, { ...pia, ignored: true, barredUntil: 5000 })
  const merge = { kind: 'people.merge', from: pia.id, into: too.id } as const
  expect(channel.send({ ...merge, linked: true })).toMatchObject({ refusal: { code: 'viewer_ignored' } })
  // The team may make them one; what they sit out holds on.
  expect(channel.send(merge).ok).toBe(true)
  expect(channel.viewer('too')).toMatchObject({ ignored: false, barredUntil: 5000 })
})

test('who was made one with somebody twice is found by every account that was ever theirs', () => {
  const channel = new TestChannel()
  for (const name of ['pia', 'too', 'third']) {
    channel.arrive(name)
    channel.send({ kind: 'presence.left', account: name })
  }
  const ids = { pia: channel.viewer('pia').id, too: channel.viewer('too').id, third: channel.viewer('third').id }
  channel.send({ kind: 'people.link', account: 'page', viewer: ids.pia })
  channel.send({ kind: 'people.merge', from: ids.pia, into: ids.too })
  channel.send({ kind: 'people.merge', from: ids.too, into: ids.third })
  for (const account of ['page', 'pia', 'too', 'third'])
    expect([account, findViewer(channel.world, account)?.id]).toEqual([account, ids.third])
  expect(findViewer(channel.world, 'third')?.linked).toBe(true)
})

describe('somebody forgotten', () => {
  test('leaves books that sum to 0, whatever they had, and is a stranger when they come again', () => {
    fc.assert(
      fc.property(had, (a) => {
        const channel = new TestChannel({ intervalSeconds: 60, checkIn: CHECK_IN })
        live(channel, 'pia', a)
        const { id } = channel.viewer('pia')
        expect(channel.send({ kind: 'people.forget', viewer: id, confirm: 'pia' }).ok).toBe(true)
        expect(channel.sum()).toBe(0)
        expect(channel.lowest()).toBe(0)
        channel.arrive('pia')
        expect(channel.viewer('pia').id).not.toBe(id)
        expect(channel.balance('pia')).toBe(0)
      }),
      { numRuns: 40 },
    )
  })
})
