import { pino } from 'pino'
import type { AnswerTo, Intent } from '#core/engine'
import { PLAIN_REWARD, type RewardSettings } from '#core/store'
import type { Result } from '#core/world'
import { connect, connectWriter, migrateUp, type Pool } from '#server/database/index.ts'
import { compileChecks } from '#server/settings/index.ts'
import { migrateTimers } from '#server/timers/index.ts'
import { ChannelWriter, envelope } from '#server/writer/index.ts'

export interface BenchChannel {
  readonly pool: Pool
  readonly writerPool: Pool
  readonly url: string
  readonly channel: number
  /** The bench's own time, in seconds. */
  readonly at: () => number
  readonly show: number
  readonly viewers: readonly number[]
  readonly send: <I extends Intent>(intent: I) => Promise<Result<AnswerTo<I>>>
  /** Lets so many intervals go by. */
  readonly goOn: (intervals: number) => void
  readonly close: () => Promise<void>
}

const INTERVAL = 60
const AT_ONCE = 2000

/** Sets the channel up, goes on air, and lets everybody in. @returns the show. */
async function begin(send: BenchChannel['send'], present: number): Promise<number> {
  await send({
    kind: 'channel.setUp',
    currency: { one: 'rivet', many: 'rivets', word: 'rivets' },
    plan: { intervalSeconds: INTERVAL, base: 1000, cap: null },
  })
  await send({ kind: 'store.save', reward: null, settings: REWARD })
  const started = await send({ kind: 'show.start', title: 'Bench' })
  for (let i = 0; i < present; i += AT_ONCE) {
    const names = Array.from({ length: Math.min(AT_ONCE, present - i) }, (_, j) => `viewer${i + j}`)
    await Promise.all(names.map((name) => send({ kind: 'presence.arrived', who: { account: name, name } })))
  }
  return Number(started.ok && started.value.show)
}

/** A channel on air with so many viewers present who can afford things, served by the real writer. */
export async function benchChannel(url: string, present: number): Promise<BenchChannel> {
  await compileChecks()
  const pool = connect(url)
  const writerPool = connectWriter(url)
  await migrateUp(pool, 'server/migrations')
  await migrateTimers(pool, pino({ level: 'silent' }))
  const made = await pool.query(
    "insert into channel (slug, name, owner) values ('bench', 'Bench', 'bench') returning id",
  )
  const writer = new ChannelWriter({ pool: writerPool, channel: made.rows[0].id, onFacts: () => {} })
  let count = 0
  let at = 1_000_000
  const send = <I extends Intent>(intent: I) => writer.submit({ ...intent, ...envelope(`bench/${++count}`, at) })
  const show = await begin(send, present)
  // A database in use has been analyzed by itself long since.
  await pool.query('analyze')
  const ids = await pool.query('select id from viewer order by id')
  const close = async () => {
    await Promise.all([pool.end(), writerPool.end()])
  }
  const goOn = (intervals: number) => {
    at += INTERVAL * intervals
  }
  const viewers = ids.rows.map((row) => row.id as number)
  return {
    pool,
    writerPool,
    url,
    channel: made.rows[0].id as number,
    at: () => at,
    show,
    viewers,
    send,
    goOn,
    close,
  }
}

const REWARD: RewardSettings = {
  ...PLAIN_REWARD,
  word: 'whistle',
  name: 'Factory whistle',
  price: 1,
  kind: 'itself',
}
