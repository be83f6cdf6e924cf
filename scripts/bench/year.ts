import { type ChildProcess, spawn } from 'node:child_process'
import { pino } from 'pino'
import { PLAIN_REWARD } from '#core/store'
import { connect, migrateUp } from '#server/database/index.ts'
import { migrateTimers } from '#server/timers/index.ts'
import { freePort } from '../../testing/server/ports.ts'
import { build } from '../build.ts'
import { stopProcess, untilAnswers } from '../demo/processes.ts'
import { scaled } from './scale.ts'

const PEOPLE = scaled(60_000)
const TRANSFERS = scaled(3_000_000)
const ORDERS = scaled(200_000)
const FACTS = scaled(400_000)

/** A year of a busy channel: 150 shows, 60,000 people, 3 million transfers, 200,000 orders, 40 days of facts and seen intents. */
const FILL = [
  "insert into channel (slug, name, owner, seq, revision, last_id) values ('year', 'A year', 'year', 400000, 400000, 9000000)",
  `insert into viewer (channel, id, account, account_key, name, chat_name, handle, moderator, ignored, present, present_since, first_seen_at, last_seen_at)
    select 1, i, 'viewer' || i, 'viewer' || i, 'Viewer ' || i, 'Viewer ' || i, 'viewer ' || i, false, false, i % 40 = 0, 1700000000, 1690000000, 1700000000
    from generate_series(1, ${PEOPLE}) i`,
  `insert into account select 1, i, 'wallet', i from generate_series(1, ${PEOPLE}) i`,
  `insert into watch select 1, i, i % 40 = 0, 1700000000, i % 300, 90000, 1000000, 3000 from generate_series(1, ${PEOPLE}) i`,
  `insert into show (channel, id, title, status, number, started_at, counts_from, ended_at, paid, spent)
    select 1, 1000000 + i, 'Show ' || i, 'ended', i, 1690000000 + i * 200000, 1690000000 + i * 200000, 1690010000 + i * 200000, 1, 1
    from generate_series(1, 150) i`,
  `insert into reward (channel, id, word, settings, place)
    select 1, 1001000 + i, 'reward' || i, '${JSON.stringify(PLAIN_REWARD)}'::jsonb || jsonb_build_object('word', 'reward' || i, 'name', 'Reward ' || i), i
    from generate_series(1, 40) i`,
  `insert into store_order (channel, id, reward, reward_name, viewer, viewer_name, price, text, status, show, placed_at, ended_at, ended_by, payment)
    select 1, 2000000 + i, 1001001 + i % 40, 'Reward', 1 + i % ${PEOPLE}, 'Viewer', 100, 'a text', 'done', 1000000 + i % 150,
    1690000000, 1690000100, 'year', 3000000 + i from generate_series(1, ${ORDERS}) i`,
  `insert into transfer select 1, 3000000 + i, 1690000000 + i * 10, -1, 1 + i % ${PEOPLE}, 10, 'watched', 1000001, 'pay/' || i / 2000, null, null, 10,
    '{"payouts": 1, "each": 10, "interval": 300}' from generate_series(1, ${TRANSFERS}) i`,
  `insert into flow select 1, 1690000020 + i * 60, 100, 50 from generate_series(1, 30000) i`,
  `insert into fact_batch select 1, i, i, 1700000000, json_build_array(json_build_object('seq', i, 'at', 1700000000, 'kind', 'chat.said',
    'audience', 'desk', 'body', json_build_object('viewer', 1, 'name', 'Viewer', 'text', 'a line of chat of usual length, more or less')))
    from generate_series(1, ${FACTS}) i`,
  `insert into seen_intent select 1, 'chat/' || md5(i::text), 1700000000, '{"ok": true, "value": {}}' from generate_series(1, ${FACTS}) i`,
  `insert into attendance select 1, v, 1000000 + s, 6000, 200 from generate_series(1, ${PEOPLE}, 7) v, generate_series(1, 150) s`,
  'analyze',
]

/** From the start of the server's process to its first answer, on a database of a year; and the same for an empty one. */
export async function startTimes(postgresUrl: string): Promise<{ year: number; empty: number }> {
  await build()
  const empty = await freshDatabase(postgresUrl, 'empty', [])
  const year = await freshDatabase(postgresUrl, 'year', FILL)
  await startTime(empty)
  return { empty: await startTime(empty), year: await startTime(year) }
}

export async function freshDatabase(postgresUrl: string, name: string, fill: readonly string[]): Promise<string> {
  const server = connect(postgresUrl, 1)
  await server.query(`create database ${name}`)
  await server.end()
  const url = postgresUrl.replace(/\/postgres$/, `/${name}`)
  const pool = connect(url, 1)
  await migrateUp(pool, 'server/migrations')
  await migrateTimers(pool, pino({ level: 'silent' }))
  for (const statement of fill) await pool.query(statement)
  await pool.end()
  return url
}

/** The built server on a database, with no platform beside it. */
export function serverOn(database: string, port: number, more: Readonly<Record<string, string>> = {}): ChildProcess {
  const env = {
    PATH: process.env.PATH ?? '',
    NODE_ENV: 'production',
    DATABASE_URL: database,
    PUBLIC_URL: `http://127.0.0.1:${port}`,
    PORT: String(port),
    OIDC_ISSUER: 'http://127.0.0.1:9',
    OIDC_CLIENT_ID: 'bench',
    OIDC_CLIENT_SECRET: 'bench',
    LOG_LEVEL: 'silent',
    KEYS_FILE: process.env.KEYS_FILE ?? '',
    ...more,
  }
  return spawn(process.execPath, ['dist/server.js'], { env, stdio: 'ignore' })
}

async function startTime(database: string): Promise<number> {
  const port = await freePort()
  const began = performance.now()
  const child = serverOn(database, port)
  await untilAnswers(`http://127.0.0.1:${port}/healthz`, child, 'server', 5)
  const took = performance.now() - began
  await stopProcess(child)
  return took / 1000
}
