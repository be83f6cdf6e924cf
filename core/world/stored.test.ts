import { Type } from '@sinclair/typebox'
import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { exactly, whole } from '../schema.ts'
import { keptOf, readStored, type Stored, stored, textIn } from './index.ts'

const Lamp = exactly({ name: Type.String(), watts: whole(1, 100), colours: Type.Array(Type.String()) })
const OFF = { name: 'Unreadable lamp', watts: 1, colours: [] }

/** As it was first: how bright it was stood as a text, and it had one colour; then it had several; then its name. */
const lamps = stored('lamp', Lamp, {
  initial: { name: 'Lamp' },
  upgrades: [
    ({ bright, ...rest }: { bright: string }) => ({ ...rest, watts: Number(bright.replace('W', '')) }),
    ({ colour, ...rest }: { colour: string }) => ({ ...rest, colours: [colour] }),
  ],
  off: (kept) => ({ ...OFF, name: textIn(kept, 'name', 10) || OFF.name }),
})

const read = <T>(how: Stored<T>, kept: unknown) =>
  readStored(how, kept, (_, value) => {
    const { watts } = value as { watts?: unknown }
    return typeof watts === 'number' && watts >= 1 && watts <= 100 ? undefined : '/watts must be from 1 to 100'
  })

describe('what is kept', () => {
  test('of the first version is brought to today step by step, and filled in', () => {
    expect(read(lamps, { bright: '40W', colour: 'red' })).toEqual({
      value: { name: 'Lamp', watts: 40, colours: ['red'] },
    })
  })

  test('of a version between only takes the steps that are left', () => {
    expect(read(lamps, { 'kept/version': 2, watts: 5, colour: 'red', name: 'Desk' })).toEqual({
      value: { name: 'Desk', watts: 5, colours: ['red'] },
    })
  })

  test.each([
    ['of a newer version', { 'kept/version': 9, watts: 5 }, /a newer version of Ricompensa wrote it/],
    ['that cannot be upgraded', { name: 'Old', colour: 'red' }, /of version 1 and could not be brought to version 3/],
    ['out of bounds', { 'kept/version': 3, watts: 900, colours: [] }, /\/watts must be from 1 to 100/],
    ['that is nothing', null, /could not be brought/],
    ['that is a list', [1, 2], /could not be brought/],
    ['whose version is no number', { 'kept/version': 'x', watts: 5 }, /./],
  ])('%s is stood in for, and why is told', (_, kept, why) => {
    const { value, fault } = read(lamps, kept)
    expect(fault).toMatch(why)
    expect(value).toEqual({ ...OFF, name: (kept as { name?: string } | null)?.name ?? OFF.name })
  })

  test('reads back as it was written, in every version there will be', () => {
    const lamp = fc.record({
      name: fc.string(),
      watts: fc.integer({ min: 1, max: 100 }),
      colours: fc.array(fc.string()),
    })
    fc.assert(
      fc.property(lamp, fc.boolean(), (value, first) => {
        const how = { ...lamps, upgrades: first ? [] : lamps.upgrades }
        expect(read(how, JSON.parse(JSON.stringify(keptOf(how, value)))).value).toEqual(value)
      }),
    )
  })

  test('is filled in within its objects, and not within a choice', () => {
    const Nested = exactly({
      inner: exactly({ a: whole(0), b: whole(0) }),
      choice: Type.Union([exactly({ of: Type.Literal('a'), text: Type.String() }), exactly({ of: Type.Literal('b') })]),
    })
    const initial = { inner: { a: 1, b: 2 }, choice: { of: 'a' as const, text: 'x' } }
    const nested = stored('nest', Nested, { initial, off: () => initial })
    expect(readStored(nested, { inner: { a: 7 }, choice: { of: 'b' } }, () => undefined).value).toEqual({
      inner: { a: 7, b: 2 },
      choice: { of: 'b' },
    })
    expect(readStored(nested, {}, () => undefined).value).toEqual(initial)
  })

  test('as a list has a version, too', () => {
    const lists = stored('list', Type.Array(Type.String()), {
      upgrades: [(kept: string[]) => kept.map(String)],
      off: () => [],
    })
    expect(keptOf(lists, ['a'])).toEqual({ 'kept/version': 2, 'kept/list': ['a'] })
    expect(readStored(lists, { 'kept/version': 2, 'kept/list': ['a'] }, () => undefined).value).toEqual(['a'])
    expect(readStored(lists, [1], () => undefined).value).toEqual(['1'])
  })
})

test('a name is taken from what is kept only where it is one', () => {
  expect(
    [{ name: 'Whistle' }, { name: 7 }, { name: ' ' }, null, ['name']].map((kept) => textIn(kept, 'name', 3)),
  ).toEqual(['Whi', '', '', '', ''])
})
