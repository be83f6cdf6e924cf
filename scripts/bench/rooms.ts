import type { ChildProcess } from 'node:child_process'
import { setTimeout as pause } from 'node:timers/promises'
import { startIrc } from '../../standin/src/irc/server.ts'
import { ChatRoom } from '../../standin/src/room.ts'
import { freePort } from '../../testing/server/ports.ts'
import { build } from '../build.ts'
import { stopProcess, untilAnswers } from '../demo/processes.ts'
import { scaled } from './scale.ts'
import { freshDatabase, serverOn } from './year.ts'

const ROOMS = scaled(1000, 20)
const BOT = 'Ricompensa'
const SAY_EVERY_MS = 25
const LONGEST_MS = 120_000

const ROWS = [
  `insert into channel (slug, name, owner) select 'channel-' || i, 'Channel ' || i, 'owner' from generate_series(1, ${ROOMS}) i`,
  `insert into room (channel, id, settings, password, room_key)
    select id, 1, jsonb_build_object('room', '#room-' || id, 'network', null, 'moderators', '@'), '', '' from channel`,
  `insert into setting (channel, name, body) select id, 'currency', '{"one":"rivet","many":"rivets","word":"rivets"}' from channel`,
]

export interface TakenOver {
  /** From the start of the server until it sat in every room, s. */
  readonly joined: number
  /** From the death of a server until another answered in one of its rooms, and until it sat in all, s. */
  readonly firstAnswer: number
  readonly allBack: number
  /** Lines that were answered twice, and that were never answered, of so many. */
  readonly twice: number
  readonly lost: number
  readonly said: number
}

const everywhere = (rooms: readonly ChatRoom[]): boolean => rooms.every((room) => room.find(BOT) !== undefined)

async function until(check: () => boolean): Promise<void> {
  const end = Date.now() + LONGEST_MS
  while (!check()) {
    if (Date.now() > end) throw new Error('The bot did not come into its rooms.')
    await pause(20)
  }
}

/** 1,000 rooms of 1,000 channels on one connection; the server that holds it is killed, and another takes it over. */
export async function takenOver(postgresUrl: string): Promise<TakenOver> {
  await build()
  const url = await freshDatabase(postgresUrl, 'rooms', ROWS)
  const rooms = Array.from({ length: ROOMS }, (_, i) => new ChatRoom(`#room-${i + 1}`))
  const ircPort = await freePort()
  const irc = await startIrc(ircPort, rooms, () => false)
  const more = {
    PUBLIC_URL: 'http://bench.test',
    CHAT_ADDRESS: `irc://127.0.0.1:${ircPort}/#none`,
    CHAT_CHANNEL: 'none',
    CHAT_COMMANDS_PER_10S: '2000',
    CHAT_ANSWERS_PER_10S: '2000',
  }
  const start = async () => {
    const port = await freePort()
    const server = serverOn(url, port, more)
    await untilAnswers(`http://127.0.0.1:${port}/healthz`, server, 'server', 20)
    return server
  }
  const began = performance.now()
  const first = await start()
  await until(() => everywhere(rooms))
  const joined = (performance.now() - began) / 1000
  try {
    return { joined, ...(await killed(first, await start(), rooms)) }
  } finally {
    await irc.close()
  }
}

/** Kills a server while people speak in its rooms, and has another go on. */
async function killed(
  first: ChildProcess,
  second: ChildProcess,
  rooms: readonly ChatRoom[],
): Promise<Omit<TakenOver, 'joined'>> {
  // All have been looked round in by then.
  await pause(scaled(15_000, 4000))
  const talk = talking(rooms)
  try {
    await pause(2000)
    first.kill('SIGKILL')
    const died = performance.now()
    const firstAnswer = await talk.nextAnswerAfter(500)
    await until(() => everywhere(rooms))
    const allBack = (performance.now() - died) / 1000
    await pause(scaled(15_000, 4000))
    return { firstAnswer: (firstAnswer - died) / 1000, allBack, ...talk.stop() }
  } finally {
    talk.stop()
    await stopProcess(second)
  }
}

/** Somebody new says a line in one room after the other, and what the bot answers is counted. */
function talking(rooms: readonly ChatRoom[]) {
  const answers = new Map<string, number>()
  let lastAnswer = 0
  for (const room of rooms)
    room.listen((event) => {
      if (event.kind !== 'said' || !event.member.nick.startsWith(BOT)) return
      lastAnswer = performance.now()
      for (const [name] of event.text.matchAll(/person\d+(?= has)/g)) answers.set(name, (answers.get(name) ?? 0) + 1)
    })
  let count = 0
  const timer = setInterval(() => {
    const name = `person${count}`
    const room = rooms[(count * 7919) % rooms.length]
    count++
    answers.set(name, 0)
    const member = { nick: name, account: name, operator: false }
    room?.join(member)
    room?.say(member, '!rivets')
  }, SAY_EVERY_MS)
  return {
    /** When the bot answers next, not counting what it says within so many milliseconds. */
    nextAnswerAfter: async (ms: number): Promise<number> => {
      await pause(ms)
      const from = performance.now()
      await until(() => lastAnswer > from)
      return lastAnswer
    },
    stop: () => {
      clearInterval(timer)
      const all = [...answers.values()]
      return {
        said: all.length,
        twice: all.filter((times) => times > 1).length,
        lost: all.filter((times) => times === 0).length,
      }
    },
  }
}
