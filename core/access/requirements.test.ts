import fc from 'fast-check'
import { expect, test } from 'vitest'
import { COMMAND, TestChannel } from '../../testing/core/channel.ts'
import { lackOf, REQUIREMENT_KEYS, REQUIREMENTS } from './requirements.ts'
import { EVERYONE_MAY, openToAll, whoInWords } from './who.ts'

const NAMES = { circles: [], ranks: [], people: {} }
const DAY = 86_400
const AT = 1_000_000_000

test('what is asked is said, and with it nobody may merely because everyone may', () => {
  const who = { ...EVERYONE_MAY, asks: { hours: 5, followDays: 7 } }
  expect(whoInWords(who, NAMES)).toBe('everyone (5 h watched, 7 days of following)')
  expect([openToAll(who), openToAll(EVERYONE_MAY), openToAll({ ...EVERYONE_MAY, asks: {} })]).toEqual([
    false,
    true,
    true,
  ])
})

test.each([
  [
    { hours: 2 },
    { watchedSeconds: 3600, followedAt: null, firstSeenAt: AT, accountMadeAt: null },
    'It takes 2 h watched; you need 1 h more.',
  ],
  [{ hours: 2 }, { watchedSeconds: 7200, followedAt: null, firstSeenAt: AT, accountMadeAt: null }, undefined],
  [
    { followDays: 7 },
    { watchedSeconds: 0, followedAt: null, firstSeenAt: AT, accountMadeAt: null },
    'It takes 7 days of following; you do not follow yet.',
  ],
  [
    { followDays: 7 },
    { watchedSeconds: 0, followedAt: AT - 6 * DAY, firstSeenAt: AT, accountMadeAt: null },
    'It takes 7 days of following; for you that is in 1 day.',
  ],
  [{ followDays: 7 }, { watchedSeconds: 0, followedAt: AT - 7 * DAY, firstSeenAt: AT, accountMadeAt: null }, undefined],
  [
    { knownDays: 2 },
    { watchedSeconds: 0, followedAt: null, firstSeenAt: AT - DAY, accountMadeAt: null },
    'It takes 2 days since the first visit; for you that is in 1 day.',
  ],
  [{}, { watchedSeconds: 0, followedAt: null, firstSeenAt: AT, accountMadeAt: null }, undefined],
])('%o of %o: %s', (asks, person, said) => {
  expect(lackOf(asks, () => person, AT)).toBe(said)
})

test('somebody lacks something exactly as long as time or hours are missing, whatever is asked', () => {
  const property = fc.property(
    fc.constantFrom(...REQUIREMENT_KEYS),
    fc.integer({ min: 1, max: 100 }),
    fc.nat(200 * DAY),
    (key, value, seconds) => {
      const person = {
        watchedSeconds: seconds,
        followedAt: AT - seconds,
        firstSeenAt: AT - seconds,
        accountMadeAt: null,
      }
      const asked = value * (key === 'hours' ? 3600 : DAY)
      expect(REQUIREMENTS[key].lacks(value, person, AT) === undefined).toBe(seconds >= asked)
    },
  )
  fc.assert(property)
})

test('a command that asks for hours says what is missing, and is there once they are watched', () => {
  const channel = new TestChannel()
  const who = { ...EVERYONE_MAY, asks: { hours: 1 } }
  channel.command({ ...COMMAND, word: 'lamp', who, steps: [{ do: 'say', text: 'On it is.' }] })
  channel.arrive('pia')
  channel.startShow()
  expect(channel.hear('pia', '!lamp')[0]).toContain(
    '!lamp is not open to you yet. It takes 1 h watched; you need 1 h more.',
  )
  channel.now += 3600
  channel.leave('pia')
  channel.arrive('pia')
  expect(channel.hear('pia', '!lamp')).toEqual(['On it is.'])
})
