import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { chanceFrom } from './chance.ts'
import { Crowd } from './crowd.ts'
import { CROWD } from './people.ts'
import { Players } from './players.ts'
import { ChatRoom } from './room.ts'

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

/** An evening of the crowd: what happens, in order. */
function evening(seed: number) {
  const room = new ChatRoom('#bench')
  const happened: string[] = []
  room.listen((event) => happened.push(`${event.kind} ${event.member.nick} ${'text' in event ? event.text : ''}`))
  const crowd = new Crowd({ room, people: CROWD, seed, paceMs: 1000, commands: ['!rivets', '!get whistle'] })
  crowd.start()
  return { room, crowd, happened }
}

test('the same seed makes the same evening, another one another', () => {
  const [a, b, c] = [evening(7), evening(7), evening(8)]
  vi.advanceTimersByTime(300_000)
  expect(a.happened.length).toBeGreaterThan(200)
  expect(a.happened).toEqual(b.happened)
  expect(a.happened).not.toEqual(c.happened)
})

test('people come, talk, use commands and go; about two thirds are here', () => {
  const { room, happened, crowd } = evening(7)
  vi.advanceTimersByTime(600_000)
  for (const kind of ['joined', 'left', 'said']) expect(happened.some((line) => line.startsWith(kind))).toBe(true)
  expect(happened.some((line) => line.endsWith('!get whistle'))).toBe(true)
  expect(room.members.length).toBeGreaterThan(20)
  expect(room.members.length).toBeLessThanOrEqual(CROWD.length)
  crowd.stop()
  expect(room.members).toEqual([])
})

test('nobody is in the room twice, and somebody played by hand is left alone', () => {
  const { room, crowd, happened } = evening(7)
  const players = new Players(room, crowd, () => false, 'Ricompensa')
  expect(players.say('pia_ohm', 'it is me', false)).toBe(true)
  expect(happened.filter((line) => line.includes('joined pia_ohm'))).toHaveLength(1)
  const from = happened.length
  vi.advanceTimersByTime(600_000)
  expect(happened.slice(from).some((line) => line.includes('pia_ohm'))).toBe(false)
  players.leave('pia_ohm')
  expect(room.find('pia_ohm')).toBeUndefined()
})

test('a name that sits in the room by a program of its own cannot be played', () => {
  const { room, crowd } = evening(7)
  room.join({ nick: 'visitor', account: 'visitor', operator: false })
  expect(new Players(room, crowd, () => false, 'Ricompensa').say('Visitor', 'hello', false)).toBe(false)
})

test('chance is spread evenly', () => {
  const chance = chanceFrom(3)
  const buckets = Array.from({ length: 10 }, () => 0)
  for (let i = 0; i < 10_000; i++) buckets[Math.floor(chance() * 10)] = (buckets[Math.floor(chance() * 10)] ?? 0) + 1
  expect(Math.min(...buckets)).toBeGreaterThan(800)
})
