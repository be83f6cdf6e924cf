import type { LineAnswer, UseCommand } from '#core/commands'
import type { AnswerTo } from '#core/engine'
import type { UnixSeconds } from '#core/schema'
import type { PressButton, RunTrigger } from '#core/triggers'
import type { Result } from '#core/world'
import type { Channels } from '../channels.ts'

interface Took {
  readonly channel: number
  readonly run: number
  readonly at: UnixSeconds
  readonly ms: number
}

const FLUSH_MS = 1000
const waiting = new WeakMap<Channels, Took[]>()

const INSERT = `insert into run_time (channel, run, at, ms)
  select * from unnest($1::int[], $2::bigint[], $3::bigint[], $4::int[]) on conflict do nothing`

/** What an intent that can lead to a run comes to. */
type RunAnswer = LineAnswer | AnswerTo<UseCommand> | AnswerTo<RunTrigger>

/** The run that an intent's answer tells of, if it led to one. */
function runIn(result: Result<RunAnswer>): number | undefined {
  if (!result.ok) return undefined
  const { value } = result
  return 'run' in value ? value.run : 'used' in value ? value.used?.run : undefined
}

/** Notes how long a run took, from where it came from to its durable answer. Written down together, a moment later. */
export function noteRunTime(channels: Channels, channel: number, result: Result<RunAnswer>, ms: number): void {
  const run = runIn(result)
  if (run === undefined) return
  const took = { channel, run, at: channels.clock(), ms: Math.round(ms) }
  const list = waiting.get(channels)
  if (list !== undefined) return void list.push(took)
  waiting.set(channels, [took])
  setTimeout(() => void flush(channels), FLUSH_MS).unref()
}

async function flush(channels: Channels): Promise<void> {
  const list = waiting.get(channels) ?? []
  waiting.delete(channels)
  const column = (name: keyof Took) => list.map((took) => took[name])
  // How long something took is worth no error.
  await channels.pool.query(INSERT, [column('channel'), column('run'), column('at'), column('ms')]).catch(() => {})
}

/** Hands in an intent that runs something, and notes how long that took. */
export async function timed<I extends UseCommand | RunTrigger | PressButton>(
  channels: Channels,
  channel: number,
  key: string,
  intent: I,
): Promise<Result<AnswerTo<I>>> {
  const began = performance.now()
  const result = await channels.submit(channel, key, intent)
  noteRunTime(channels, channel, result, performance.now() - began)
  return result
}
