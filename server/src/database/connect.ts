import { drizzle } from 'drizzle-orm/node-postgres'
import pg from 'pg'
import * as schema from './schema.ts'

// int8 arrives as text by default; every amount and id of ours is at most 2^53 - 1 (checked by the rules and the database).
pg.types.setTypeParser(pg.types.builtins.INT8, Number)

export type Pool = pg.Pool
export type Client = pg.PoolClient

/** A pool of connections. One that breaks while idle is replaced at its next use; the program goes on. */
export const connect = (url: string, max = 10): Pool => open({ connectionString: url, max })

/**
 * The pool of the channel writers. They find every row by its key. Their statements are planned once for a connection's
 * life, often while a table is still empty; without this the plan of that moment, a scan of the whole table, stays: looking
 * up seen intents took 190 ms a batch instead of 1 ms (20,000 chat lines, 256 a batch). For the same reason their
 * look-ups ask for one key at a time, laterally: nothing but a probe of the index can serve that. Statements that do not wait
 * for each other's answer are sent together (pipelined).
 */
export const connectWriter = (url: string, max = 8): Pool =>
  open({ connectionString: url, max, options: '-c enable_seqscan=off', pipeline: true })

/** A database that does not answer in this time is as good as away: whoever asked is told. */
const PATIENCE_MS = 10_000

function open(config: pg.PoolConfig): Pool {
  const pool = new pg.Pool({ connectionTimeoutMillis: PATIENCE_MS, ...config })
  pool.on('error', () => {})
  pool.on('connect', (client) => client.on('error', () => {}))
  return pool
}

/** Drizzle over the pool, for reading: lists, search, history. Changes go through the channel writer. */
export const reader = (pool: Pool) => drizzle(pool, { schema })
export type Reader = ReturnType<typeof reader>
