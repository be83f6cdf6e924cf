import { randomUUID } from 'node:crypto'
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { inject, onTestFinished } from 'vitest'
import { connect } from '../../server/src/database/index.ts'

interface Journal {
  readonly entries: readonly { readonly idx: number }[]
}

/** The migrations up to a number, as a version of then had them. */
export function migrationsUpTo(last: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'))
  onTestFinished(() => rmSync(folder, { recursive: true }))
  cpSync('server/migrations', folder, { recursive: true })
  const file = join(folder, 'meta/_journal.json')
  const journal = JSON.parse(readFileSync(file, 'utf8')) as Journal
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.filter(({ idx }) => idx <= last) }))
  return folder
}

/** A database with nothing in it, gone after the test. */
export async function emptyDatabase() {
  const server = inject('postgresUrl')
  const admin = new pg.Client({ connectionString: server })
  await admin.connect()
  const name = `upgrade_${randomUUID().replaceAll('-', '')}`
  await admin.query(`create database ${name}`)
  const pool = connect(server.replace(/\/postgres$/, `/${name}`), 2)
  onTestFinished(async () => {
    await pool.end()
    await admin.query(`drop database ${name} with (force)`)
    await admin.end()
  })
  return pool
}
