import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { raffles } from '../raffles/index.ts'
import { readSetting } from '../settings/index.ts'
import { Chance, commitmentOf, seedSetting, seeds } from './index.ts'

const seed = fc.uint8Array({ minLength: 32, maxLength: 32 }).map((bytes) => Buffer.from(bytes).toString('hex'))

describe('a stream of chance', () => {
  test('stays below its bound and is the same every time', () => {
    fc.assert(
      fc.property(seed, fc.string(), fc.integer({ min: 1, max: Number.MAX_SAFE_INTEGER }), (key, label, bound) => {
        const [one, two] = [new Chance(key, label), new Chance(key, label)]
        for (let i = 0; i < 9; i++) {
          const drawn = one.below(bound)
          expect(drawn).toBeGreaterThanOrEqual(0)
          expect(drawn).toBeLessThan(bound)
          expect(two.below(bound)).toBe(drawn)
        }
      }),
      { numRuns: 100 },
    )
  })

  test('differs by label', () => {
    const drawn = ['run/1', 'run/2'].map((label) => new Chance('ab'.repeat(32), label).big(2n ** 64n))
    expect(drawn[0]).not.toBe(drawn[1])
  })

  test('gives every value its share', () => {
    const chance = new Chance('01'.repeat(32), 'shares')
    const counts = [0, 0, 0]
    for (let i = 0; i < 9000; i++) {
      const drawn = chance.below(3)
      counts[drawn] = (counts[drawn] ?? 0) + 1
    }
    for (const count of counts) expect(Math.abs(count - 3000)).toBeLessThan(250)
  })
})

describe('the open seed', () => {
  const channel = new TestChannel()
  channel.openSeed()

  test('is committed to before and published after', () => {
    const before = readSetting(channel.world, seedSetting).seed
    const committed = channel.facts('fairness.committed').at(-1)?.body.commitment
    channel.send({ kind: 'fairness.seed', seed: '22'.repeat(32) })
    const [row] = channel.world.appended(seeds)
    expect(row?.seed).toBe(before)
    expect(row?.commitment).toBe(committed)
    expect(commitmentOf(before)).toBe(committed)
    expect(channel.facts('fairness.opened').at(-1)?.body.revealed).toBe(before)
  })

  test('is not replaced by a server that merely makes sure there is one', () => {
    const before = readSetting(channel.world, seedSetting)
    channel.send({ kind: 'fairness.seed', seed: '33'.repeat(32), first: true })
    expect(readSetting(channel.world, seedSetting)).toEqual(before)
  })
})

describe('a seed of a raffle that was opened by an older version', () => {
  test('keeps the channel’s seed from being published until that raffle has ended', () => {
    const channel = new TestChannel()
    const id = channel.raffle()
    const raffle = channel.world.get(raffles, id)
    if (raffle === undefined) throw new Error('The raffle is not there.')
    channel.world.put(raffles, { ...raffle, seedOrigin: 'channel' })
    channel.send({ kind: 'fairness.seed', seed: '22'.repeat(32) })
    expect(channel.world.appended(seeds)).toEqual([])
    channel.send({ kind: 'raffle.act', raffle: id, does: 'callOff', by: 'wanda' })
    channel.send({ kind: 'fairness.seed', seed: '22'.repeat(32) })
    expect(channel.world.appended(seeds)).toHaveLength(1)
  })
})
