import { expect, test } from 'vitest'
import { History } from './history.ts'

const START = Date.parse('2026-11-28T19:00:00.000Z')
const said = (ms: number) => ({ tags: { time: new Date(START + ms).toISOString() } })

function history(aheadMs = 0) {
  let now = START
  const one = new History(() => now)
  const at = (ms: number) => {
    now = START + ms
  }
  // The network's clock, which may be wrong.
  const theirs = (ms: number) => said(ms + aheadMs)
  one.joined(theirs(0).tags)
  return { one, at, theirs }
}

test.each([0, -3_600_000, 3_600_000])(
  'whatever the clock of the network says (%d ms ahead), old is what it says is old',
  (ahead) => {
    const { one, at, theirs } = history(ahead)
    expect(one.isOld(theirs(-1), true)).toBe(true)
    expect(one.isOld(theirs(1), true)).toBe(false)
    at(60_000)
    expect(one.isOld(theirs(29_000), true)).toBe(true)
    expect(one.isOld(theirs(31_000), true)).toBe(false)
  },
)

test('what comes in a batch of old lines is old, in a batch of another kind it is not', () => {
  const { one, theirs } = history()
  expect(one.isOld({ ...theirs(5), batch: { type: 'chathistory' } }, true)).toBe(true)
  expect(one.isOld({ ...theirs(5), batch: { type: 'example/playback' } }, true)).toBe(true)
  expect(one.isOld({ ...theirs(5), batch: { type: 'labeled-response' } }, true)).toBe(false)
})

test('without times all is old in the room until the bot has looked round, and nothing that is said to it alone', () => {
  const one = new History()
  one.joined({})
  expect([one.isOld({ tags: {} }, true), one.isOld({ tags: {} }, false)]).toEqual([true, false])
  one.looked()
  expect(one.isOld({ tags: {} }, true)).toBe(false)
  expect(one.isOld({ tags: { time: 'nonsense' } }, true)).toBe(false)
})
