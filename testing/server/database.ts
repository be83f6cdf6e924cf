import { randomBytes } from 'node:crypto'
import pg from 'pg'
import { inject, onTestFinished } from 'vitest'
import type { AnswerTo, Intent } from '#core/engine'
import type { Fact, Result } from '#core/world'
import { connect, connectWriter, type Pool } from '../../server/src/database/index.ts'
import { ChannelWriter, type IntentBug } from '../../server/src/writer/index.ts'
import { entropyOf } from '../core/channel.ts'
import { TEMPLATE } from './postgres.setup.ts'

export interface TestDatabase {
  readonly pool: Pool
  readonly url: string
}

/** A database of its own for one test, with our tables, dropped at the test's end. */
export async function testDatabase(): Promise<TestDatabase> {
  const name = `t_${randomBytes(6).toString('hex')}`
  const server = inject('postgresUrl')
  const admin = new pg.Client({ connectionString: server })
  await admin.connect()
  await admin.query(`create database ${name} template ${TEMPLATE} strategy file_copy`)
  const url = server.replace(/\/postgres$/, `/${name}`)
  const pool = connect(url, 20)
  onTestFinished(async () => {
    await pool.end()
    await admin.query(`drop database ${name} with (force)`)
    await admin.end()
  })
  return { pool, url }
}

export interface TestWriter {
  readonly writer: ChannelWriter
  readonly facts: Fact[]
  /** What failed by a bug, each told once. */
  readonly bugs: IntentBug[]
  /** Hands in an intent under a key, at a time (seconds). */
  readonly send: <I extends Intent>(key: string, intent: I, at?: number) => Promise<Result<AnswerTo<I>>>
}

export const PLAN = { intervalSeconds: 60, base: 10, cap: null }
export const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

/** A new channel that belongs to "wanda". @returns its number. */
export async function addChannel(pool: Pool, slug = 'bench'): Promise<number> {
  const text = 'insert into channel (slug, name, owner) values ($1, $1, $2) returning id'
  const made = await pool.query(text, [slug, slug === 'bench' ? 'wanda' : `${slug}-owner`])
  return made.rows[0].id as number
}

/** @param prefetch - Whether what intents say they need is loaded first: nothing but speed may depend on it. */
export function writerFor({ options }: Pool, channel: number, prefetch = true): TestWriter {
  const facts: Fact[] = []
  const pool = connectWriter(String(options.connectionString), 2)
  onTestFinished(() => pool.end())
  const bugs: IntentBug[] = []
  const writer = new ChannelWriter({
    pool,
    channel,
    prefetch,
    onFacts: (more) => facts.push(...more),
    onBug: (bug) => bugs.push(bug),
  })
  const send = <I extends Intent>(key: string, intent: I, at = 1_000_000) =>
    writer.submit<I>({ ...intent, key, at, entropy: entropyOf(key) })
  return { writer, facts, bugs, send }
}

/** The sum over all accounts, books included, in the database: always 0. */
export async function sumOfAll(pool: Pool): Promise<number> {
  const found = await pool.query(`select
    (select coalesce(sum(balance), 0) from account)
    + (select coalesce(sum(amount), 0) from transfer where to_account < 0)
    - (select coalesce(sum(amount), 0) from transfer where from_account < 0) as sum`)
  return Number(found.rows[0].sum)
}
