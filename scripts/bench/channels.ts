import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { setFlagsFromString } from 'node:v8'
import { runInNewContext } from 'node:vm'
import { median } from 'd3-array'
import { Channels } from '#server/channels.ts'
import { systemClock } from '#server/clock.ts'
import { connect, connectWriter, type Pool } from '#server/database/index.ts'
import { type Bus, CAPS, Feed, LiveFeeds, natsBus } from '#server/feed/index.ts'
import { unpackedProgram } from '../../machine/prepare.mjs'
import { freePort } from '../../testing/server/ports.ts'
import { build } from '../build.ts'
import { stopProcess, untilAnswers } from '../demo/processes.ts'
import { scaled } from './scale.ts'
import { freshDatabase, serverOn } from './year.ts'

const COUNT = scaled(2000, 20)
const ON_AIR = scaled(200, 4)
const PEOPLE = 50
const SECONDS = scaled(30, 2)
/** So many channels are filled at once. */
const AT_ONCE = 16

setFlagsFromString('--expose-gc')
const collect = runInNewContext('gc') as () => void

/** Bytes that are in use once nothing is left to be collected. */
function inUse(): number {
  collect()
  return process.memoryUsage().heapUsed
}

/** Many channels in this process, as a server has them. */
async function channelsOn(url: string, bus?: Bus) {
  const pool = connect(url, 20)
  const writerPool = connectWriter(url)
  const feed = new Feed(pool, url, new LiveFeeds(CAPS), ...(bus === undefined ? [] : [bus]))
  await feed.start()
  const channels = new Channels(pool, writerPool, feed, systemClock)
  const close = async () => {
    await channels.drained()
    await feed.stop()
    await Promise.all([pool.end(), writerPool.end()])
  }
  return { pool, channels, close }
}

const rows = (count: number): string =>
  `insert into channel (slug, name, owner) select 'channel-' || i, 'Channel ' || i, 'owner' from generate_series(1, ${count}) i`

async function fill(channels: Channels, channel: number, onAir: boolean): Promise<void> {
  const currency = { one: 'rivet', many: 'rivets', word: 'rivets' }
  await channels.submit(channel, 'setup', { kind: 'channel.setUp', currency, plan: {} })
  const names = Array.from({ length: PEOPLE }, (_, i) => `viewer${i}`)
  const arrive = (name: string) =>
    channels.submit(channel, `in/${name}`, { kind: 'presence.arrived', who: { account: name, name } })
  await Promise.all(names.map(arrive))
  if (onAir) await channels.submit(channel, 'go', { kind: 'show.start', title: 'Bench' })
}

export interface ManyChannels {
  readonly linesPerSecond: number
  readonly p99: number
  /** Megabytes of 1,000 channels in which something has just happened, and of 1,000 in which nothing has for long. */
  readonly busyMegabytes: number
  readonly idleMegabytes: number
}

/** 2,000 channels with 50 people each, 200 of them on air with a line a second in each. */
export async function manyChannels(postgresUrl: string): Promise<ManyChannels> {
  const url = await freshDatabase(postgresUrl, 'channels', [rows(COUNT)])
  const { channels, close } = await channelsOn(url)
  const before = inUse()
  const all = Array.from({ length: COUNT }, (_, i) => i + 1)
  for (let i = 0; i < COUNT; i += AT_ONCE)
    await Promise.all(all.slice(i, i + AT_ONCE).map((channel) => fill(channels, channel, channel <= ON_AIR)))
  const waits = await spoken(channels, all.slice(0, ON_AIR))
  const busy = inUse()
  channels.letGoOfIdle(0)
  const idle = inUse()
  const megabytes = (bytes: number) => (Math.max(0, bytes - before) / COUNT) * 1e-3
  await close()
  const sorted = waits.sort((a, b) => a - b)
  return {
    linesPerSecond: waits.length / SECONDS,
    p99: sorted[Math.floor(sorted.length * 0.99)] ?? Number.NaN,
    busyMegabytes: megabytes(busy),
    idleMegabytes: megabytes(idle),
  }
}

/** A line a second in each channel, at a moment of its own. @returns how long each answer took (ms). */
async function spoken(channels: Channels, onAir: readonly number[]): Promise<number[]> {
  const waits: number[] = []
  const end = performance.now() + SECONDS * 1000
  await Promise.all(
    onAir.map(async (channel, i) => {
      await pause((i / onAir.length) * 1000)
      for (let n = 0; performance.now() < end; n++) {
        const began = performance.now()
        const who = { account: `viewer${n % PEOPLE}`, name: `viewer${n % PEOPLE}` }
        const line = { kind: 'chat.line', who, text: '!rivets', privately: false } as const
        await channels.submit(channel, `line/${channel}/${n}`, line)
        waits.push(performance.now() - began)
        await pause(Math.max(0, 1000 - (performance.now() - began)))
      }
    }),
  )
  return waits
}

const MANY = scaled(10_000, 100)
const HOME = 'http://bench.test'
/** Channels that know where they are found: a server that starts leaves them alone. */
const SETTLED = [
  rows(MANY),
  `insert into setting (channel, name, body) select id, 'home',
    jsonb_build_object('owner', owner, 'chatIssuer', '', 'viewer', null, 'address', '${HOME}/c/' || slug) from channel`,
  `insert into setting (channel, name, body) select id, 'channel',
    jsonb_build_object('name', name, 'address', slug, 'listed', true, 'paused', false, 'closed', false) from channel`,
  "insert into setting (channel, name, body) select id, 'seed', '{}' from channel",
  'analyze',
]
const COMMITS = 'select sum(xact_commit)::int as n from pg_stat_database where datname = current_database()'
const WATCHED_MS = scaled(20_000, 1500)

export interface IdleChannels {
  readonly startSeconds: number
  readonly startEmptySeconds: number
  /** Statements of one idle channel in a minute, beyond those of a server with none. */
  readonly statements: number
}

/** A server on a database with 10,000 channels in which nothing happens. */
export async function idleChannels(postgresUrl: string): Promise<IdleChannels> {
  await build()
  const empty = await idling(await freshDatabase(postgresUrl, 'no_channels', []))
  const many = await idling(await freshDatabase(postgresUrl, 'idle_channels', SETTLED))
  const more = Math.max(0, many.commits - empty.commits)
  return {
    startSeconds: many.startMs / 1000,
    startEmptySeconds: empty.startMs / 1000,
    statements: ((more / MANY) * 60_000) / WATCHED_MS,
  }
}

async function idling(database: string): Promise<{ startMs: number; commits: number }> {
  const port = await freePort()
  const began = performance.now()
  const server = serverOn(database, port, { PUBLIC_URL: HOME })
  const pool = connect(database, 1)
  try {
    await untilAnswers(`http://127.0.0.1:${port}/healthz`, server, 'server', 5)
    const startMs = performance.now() - began
    // What a start leaves to be done beside its work is over by then.
    await pause(2000)
    const before = (await pool.query<{ n: number }>(COMMITS)).rows[0]?.n ?? 0
    await pause(WATCHED_MS)
    const after = (await pool.query<{ n: number }>(COMMITS)).rows[0]?.n ?? 0
    return { startMs, commits: after - before }
  } finally {
    await pool.end()
    await stopProcess(server)
  }
}

const BUSY = scaled(64, 8)
const COMMIT_SECONDS = scaled(4)
/** In turn, so that other work on this machine meets all of them; the first round only warms up. */
const ROUNDS = scaled(4, 2)
const NO_BUS: Bus = { send: async () => {}, listen: async () => {}, stop: async () => {} }
/** As it was: every commit tells of itself, and waits for the one before it to have told. */
const IN_COMMIT = `create or replace function advance_channel(channel_id integer, from_revision bigint, to_seq bigint, to_last_id bigint)
  returns void language plpgsql as $$ begin
    update channel set seq = to_seq, last_id = to_last_id, revision = revision + 1 where id = channel_id and revision = from_revision;
    if not found then raise exception 'stale' using errcode = 'RC001'; end if;
    perform pg_notify('ricompensa', channel_id || ':' || to_seq); end $$`

export interface BusRates {
  /** Commits a second. */
  readonly neither: number
  readonly notices: number
  readonly inCommit: number
  /** Undefined where there is no `nats-server` on this machine. */
  readonly nats: number | undefined
}

/** Commits a second of 64 busy channels, by what wakes the feeds of other servers: the median of the rounds. */
export async function busRates(postgresUrl: string): Promise<BusRates> {
  const url = await freshDatabase(postgresUrl, 'bus', [rows(BUSY)])
  const old = await freshDatabase(postgresUrl, 'bus_in_commit', [rows(BUSY), IN_COMMIT])
  return withNats(async (address) => {
    const rates: Record<keyof BusRates, number[]> = { neither: [], notices: [], nats: [], inCommit: [] }
    for (let round = 0; round < ROUNDS; round++) {
      rates.neither.push(await commitRate(url, NO_BUS))
      rates.notices.push(await commitRate(url, undefined))
      if (address !== undefined) rates.nats.push(await commitRate(url, natsBus(address)))
      rates.inCommit.push(await commitRate(old, NO_BUS))
    }
    const [neither, notices, nats, inCommit] = [rates.neither, rates.notices, rates.nats, rates.inCommit].map((all) =>
      median(all.slice(1)),
    )
    const none = Number.NaN
    return { neither: neither ?? none, notices: notices ?? none, inCommit: inCommit ?? none, nats }
  })
}

/** With a NATS server, if there is one on this machine. */
async function withNats<T>(measure: (address: string | undefined) => Promise<T>): Promise<T> {
  const program = unpackedProgram('nats-server')
  if (!existsSync(program)) return measure(undefined)
  const port = await freePort()
  const server = spawn(program, ['-a', '127.0.0.1', '-p', String(port)], { stdio: 'ignore' })
  try {
    return await measure(`nats://127.0.0.1:${port}`)
  } finally {
    server.kill('SIGKILL')
  }
}

const revisions = async (pool: Pool): Promise<number> =>
  Number((await pool.query('select sum(revision) as n from channel')).rows[0]?.n ?? 0)

let round = 0

async function commitRate(url: string, bus: Bus | undefined): Promise<number> {
  const { pool, channels, close } = await channelsOn(url, bus)
  const key = `round-${round++}`
  const before = await revisions(pool)
  const end = performance.now() + COMMIT_SECONDS * 1000
  await Promise.all(
    Array.from({ length: BUSY }, async (_, i) => {
      for (let n = 0; performance.now() < end; n++)
        await channels.submit(i + 1, `${key}/${n}`, { kind: 'chat.tell', to: null, text: 'tick' })
    }),
  )
  const done = (await revisions(pool)) - before
  await close()
  return done / COMMIT_SECONDS
}
