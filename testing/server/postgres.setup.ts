import pg from 'pg'
import { pino } from 'pino'
import type { TestProject } from 'vitest/node'
import { startPostgres } from '../../machine/postgres.ts'
import { connect, migrateUp } from '../../server/src/database/index.ts'
import { migrateTimers } from '../../server/src/timers/index.ts'
import { keepInParts } from './partitioned.ts'
import { freePort } from './ports.ts'

/** The database that every test's own is copied from: going through all migrations for each was a third of the time. */
export const TEMPLATE = 'ricompensa_template'

/** Whether every table that is a channel's is kept in parts by its channel. */
const IN_PARTS = process.env.PARTITIONED === 'yes'

/** A test's database is tidied up by being dropped. */
const SETTINGS = ['autovacuum=off', 'wal_level=minimal', 'max_wal_senders=0', 'max_connections=200']

/** Starts the tests' own PostgreSQL once for all test files, with a database of our tables to copy. */
export default async function setup(project: TestProject): Promise<() => void> {
  const port = await freePort()
  const postgres = startPostgres({
    name: IN_PARTS ? 'test-parts' : 'test',
    port,
    open: true,
    passing: true,
    settings: SETTINGS,
  })
  await makeTemplate(postgres.url)
  project.provide('postgresUrl', postgres.url)
  return postgres.stop
}

async function makeTemplate(server: string): Promise<void> {
  const admin = new pg.Client({ connectionString: server })
  await admin.connect()
  await admin.query(`drop database if exists ${TEMPLATE}`)
  await admin.query(`create database ${TEMPLATE}`)
  await admin.end()
  const pool = connect(server.replace(/\/postgres$/, `/${TEMPLATE}`), 2)
  await migrateUp(pool, 'server/migrations')
  await migrateTimers(pool, pino({ level: 'silent' }))
  if (IN_PARTS) await keepInParts(pool)
  await pool.end()
}

declare module 'vitest' {
  export interface ProvidedContext {
    postgresUrl: string
  }
}
