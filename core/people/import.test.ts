import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { TestChannel } from '../../testing/core/channel.ts'
import { adjustments } from './adjustments.ts'
import type { ImportLine } from './import.ts'
import { dateOrderOf, readTime } from './importTime.ts'

const NAMES = ['pia', 'jo', 'sol', 'ula']

function withFile() {
  const channel = new TestChannel()
  const take = (lines: readonly ImportLine[], how: 'add' | 'set' = 'add', digest = 'a', most: number | null = null) =>
    channel.send({ kind: 'people.import', digest, lines, how, by: 'wanda', called: 'f.csv', mostAdjusted: most })
  const undo = () => {
    const files = channel.world.all(adjustments).filter(({ of }) => of === 'import')
    return channel.send({ kind: 'people.undo', adjustment: Math.max(...files.map(({ id }) => id)), by: 'wanda' })
  }
  return { channel, take, undo }
}

const line = (name: string, more: Partial<ImportLine> = {}): ImportLine => ({
  ...{ account: name, name, balance: null, seconds: null },
  ...more,
})

const time = fc.option(fc.integer({ min: 1, max: 1_700_000_000 }), { nil: null })
const chanceLine = fc.record({
  account: fc.constantFrom(...NAMES),
  balance: fc.option(fc.nat(10_000), { nil: null }),
  seconds: fc.option(fc.nat(100_000), { nil: null }),
  kept: fc.record(
    {
      ...{ moderator: fc.boolean(), ignored: fc.boolean(), unlisted: fc.boolean(), tier: fc.nat(3) },
      ...{ followedAt: time, subscribedSince: time, subscribedUntil: time, accountMadeAt: time },
    },
    { requiredKeys: [] },
  ),
})
const file = fc.uniqueArray(chanceLine, { selector: ({ account }) => account, minLength: 1 })

/** All that a file can change of those who were known before it. */
const standOf = (channel: TestChannel) =>
  NAMES.slice(0, 3).map((name) => {
    const { archivedAt: _, ...viewer } = channel.viewer(name)
    return { viewer, balance: channel.balance(name), hours: channel.watch(name).watchedSeconds }
  })

test('a file that is taken back leaves everybody as they were, and can be taken in again with the same result', () => {
  fc.assert(
    fc.property(file, file, fc.constantFrom('add', 'set'), (first, second, how) => {
      const { channel, take, undo } = withFile()
      for (const name of NAMES.slice(0, 3)) channel.arrive(name)
      const named = (lines: typeof first) => lines.map((one) => ({ ...one, name: one.account }))
      take(named(first), 'set', 'before')
      const before = standOf(channel)
      take(named(second), how)
      const after = standOf(channel)
      expect(undo()).toMatchObject({ value: { owed: 0 } })
      expect(standOf(channel)).toEqual(before)
      expect(take(named(second), how)).toMatchObject({ value: { again: false } })
      expect(standOf(channel)).toEqual(after)
      expect(channel.sum()).toBe(0)
    }),
    { numRuns: 60 },
  )
})

describe('taking a file back', () => {
  test('takes of what was spent meanwhile what is there, and leaves alone what has changed since', () => {
    const { channel, take, undo } = withFile()
    channel.arrive('pia')
    take([line('pia', { balance: 100, kept: { followedAt: 5, tier: 2 } })])
    const pia = channel.viewer('pia').id
    channel.send({ kind: 'people.keep', viewer: pia, tier: 3 })
    channel.send({
      kind: 'people.adjust',
      viewers: [pia],
      of: 'balance',
      how: 'take',
      amount: 70,
      why: '',
      by: 'w',
    })
    expect(undo()).toMatchObject({ value: { owed: 70 } })
    expect(channel.viewer('pia')).toMatchObject({ followedAt: null, tier: 3 })
    expect(undo()).toMatchObject({ refusal: { code: 'adjustment_undone' } })
  })

  test('puts aside whom nobody knew before, unless they have come meanwhile', () => {
    const { channel, take, undo } = withFile()
    take([line('jo', { balance: 5 }), line('sol', { balance: 5 })])
    channel.arrive('sol')
    undo()
    expect(channel.viewer('jo').archivedAt).toBe(channel.now)
    expect(channel.viewer('sol').archivedAt).toBeNull()
    expect(channel.balance('jo')).toBe(0)
  })

  test('holds for a day', () => {
    const { channel, take, undo } = withFile()
    take([line('jo', { balance: 5 })])
    channel.now += 86_401
    expect(undo()).toMatchObject({ refusal: { code: 'adjustment_too_old' } })
  })
})

test('whoever was here keeps the name they have today; whoever was not is called what the newest file says', () => {
  const { channel, take } = withFile()
  channel.send({ kind: 'presence.arrived', who: { account: 'a1', name: 'NewName' } })
  take([line('a1', { name: 'old_name', balance: 3 }), line('a2', { name: 'first' })])
  take([line('a2', { name: 'second' })], 'add', 'b')
  expect(channel.viewer('a1')).toMatchObject({ chatName: 'NewName' })
  expect(channel.balance('a1')).toBe(3)
  expect(channel.viewer('a2').chatName).toBe('second')
})

test('a file is no way around the most that somebody may adjust', () => {
  const { take } = withFile()
  expect(take([line('jo', { balance: 50 })], 'add', 'a', 50)).toMatchObject({ ok: true })
  expect(take([line('sol', { balance: 51 })], 'add', 'b', 50)).toMatchObject({ refusal: { code: 'rights_beyond' } })
  expect(take([line('jo', { balance: 101 })], 'set', 'c', 50)).toMatchObject({ refusal: { code: 'rights_beyond' } })
  expect(take([line('jo', { balance: 100 })], 'set', 'd', 50)).toMatchObject({ ok: true })
})

test('since when somebody subscribes counts from the file, not from its import', () => {
  const { channel, take } = withFile()
  take([line('jo', { kept: { tier: 1, subscribedSince: 1_600_000_000, accountMadeAt: 1_500_000_000 } })])
  expect(channel.viewer('jo')).toMatchObject({ subscribedSince: 1_600_000_000, accountMadeAt: 1_500_000_000 })
})

describe('a time in a file', () => {
  const DAY = Date.UTC(2026, 3, 3) / 1000
  test.each([
    ['2026-04-03', 'day', DAY],
    ['2026-4-3', 'day', DAY],
    ['2026-04-03T10:30:00Z', 'day', DAY + 37_800],
    ['2026-04-03 10:30', 'day', DAY + 37_800],
    ['2026-04-03T12:30:00+02:00', 'day', DAY + 37_800],
    ['2026-04-03T10:30:00.000Z', 'day', DAY + 37_800],
    ['3.4.2026', 'month', DAY],
    ['03/04/2026', 'day', DAY],
    ['04/03/2026', 'month', DAY],
    ['4-3-2026, 10:30', 'month', DAY + 37_800],
    ['3 April 2026', 'month', DAY],
    ['Apr 3, 2026', 'day', DAY],
    ['1775174400', 'day', DAY],
    ['', 'day', null],
    [undefined, 'day', undefined],
  ] as const)('%s, %s first', (text, order, at) => expect(readTime(text, order)).toBe(at))

  test.each(['2026-02-30', '31/31/2026', '13/4/2026 25:00', 'yesterday', '3/4/26', '1969-01-01', '99 April 2026'])(
    '%s is none',
    (text) => expect(() => readTime(text, 'day')).toThrow(/is not a time\. Use one like/),
  )

  test.each([
    [['3/4/2026', '13/4/2026'], 'day'],
    [['3/4/2026', '4/13/2026'], 'month'],
    [['3/4/2026', ''], undefined],
    [['3.4.2026', '2026-01-02'], 'none'],
  ])('%o are read as %s', (texts, order) => expect(dateOrderOf(texts)).toBe(order))
})
