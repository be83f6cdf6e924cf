import { heard } from '#core/commands'
import { decide, type Intent } from '#core/engine'
import type { CommandSettings } from '#core/words'
import { World } from '#core/world'
import { envelope } from '#server/writer/index.ts'
import { COMMAND } from '../../testing/core/channel.ts'
import type { BenchChannel } from './channel.ts'
import { scaled } from './scale.ts'

const COMMANDS = 500
const ALIASES = 5
const LINES = scaled(400_000)

const command = (i: number): CommandSettings => ({
  ...COMMAND,
  word: `word${i}`,
  aliases: Array.from({ length: ALIASES }, (_, k) => `word${i}alias${k}`),
  steps:
    i % 3 === 0
      ? [
          { do: 'pay', to: { of: 'caller' }, amount: { fixed: 1 } },
          { do: 'say', text: '{{ viewer.name }} has {{ viewer.has }} now.' },
        ]
      : [{ do: 'say', text: `{{ viewer.name }} asked for number ${i}.` }],
})

/** Chat as it comes: every third line calls a command by its word or an alias, the rest is talk. New strings each time. */
const lineOf = (i: number): string => {
  const n = (i * 7919) % COMMANDS
  if (i % 3 === 0) return `!word${n} and more ${i}`
  return i % 3 === 1 ? `!word${n}alias${i % ALIASES} ${i}` : `just talk about lamps ${i}`
}

const best = (runs: readonly number[]): number => Math.max(...runs)

/** Lines per second through the matcher with 500 commands of 5 aliases, and through a bare lookup in a Map of as many words. */
export function matching(): { perSecond: number; bare: number } {
  const world = new World()
  for (let i = 0; i < COMMANDS; i++) {
    const intent: Intent = { kind: 'command.save', command: null, settings: command(i) }
    decide(world, { ...intent, ...envelope(`c${i}`, 1) })
  }
  const words = new Map<string, number>()
  for (let i = 0; i < COMMANDS; i++) {
    words.set(`word${i}`, i)
    for (let k = 0; k < ALIASES; k++) words.set(`word${i}alias${k}`, i)
  }
  let found = 0
  const rate = (one: (line: string) => unknown): number => {
    const lines = Array.from({ length: LINES }, (_, i) => lineOf(i))
    const began = performance.now()
    for (const line of lines) if (one(line) !== undefined) found++
    return LINES / ((performance.now() - began) / 1000)
  }
  const ours = () => rate((line) => heard(world, line))
  const bare = () => rate((line) => words.get(line))
  ours()
  bare()
  const runs = [1, 2, 3, 4, 5].map(() => ({ ours: ours(), bare: bare() }))
  if (found === 0) throw new Error('The matcher found nothing.')
  return { perSecond: best(runs.map((run) => run.ours)), bare: best(runs.map((run) => run.bare)) }
}

const PER_SECOND = 200
const SECONDS = scaled(60)
const SPEAKERS = 300

/** 200 lines of mixed chat each second for a minute: p99 from handing a line in to its durable answer (ms). */
export async function mixedChat({ send, viewers }: BenchChannel): Promise<number> {
  for (let i = 0; i < COMMANDS; i++) await send({ kind: 'command.save', command: null, settings: command(i) })
  const took: number[] = []
  const waiting: Promise<unknown>[] = []
  const began = performance.now()
  for (let i = 0; i < PER_SECOND * SECONDS; i++) {
    const due = began + (i * 1000) / PER_SECOND
    const pause = due - performance.now()
    if (pause > 1) await new Promise((later) => setTimeout(later, pause))
    const name = `viewer${(i * 31) % Math.min(SPEAKERS, viewers.length)}`
    const text = i % 10 === 0 ? '!rivets' : i % 2 === 0 ? lineOf(i) : `talk ${i}`
    const handed = performance.now()
    const line: Intent = { kind: 'chat.line', who: { account: name, name }, text, privately: false }
    waiting.push(send(line).then(() => took.push(performance.now() - handed)))
  }
  await Promise.all(waiting)
  took.sort((a, b) => a - b)
  return took[Math.floor(took.length * 0.99)] ?? Number.NaN
}
