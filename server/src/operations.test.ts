import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { describe, expect, onTestFinished, test } from 'vitest'
import { startPostgres } from '../../machine/postgres.ts'
import { postgresPrograms } from '../../machine/prepare.mjs'
import { sumOfAll, testDatabase, writerFor } from '../../testing/server/database.ts'
import { freePort } from '../../testing/server/ports.ts'
import { testServer } from '../../testing/server/server.ts'
import { connect, migrateUp } from './database/index.ts'

const who = { account: 'pia', name: 'Pia' }

test('a backup restored into another cluster is whole, and goes on from there', async () => {
  const { url, channel, submit, richViewer } = await testServer()
  await submit('in', { kind: 'presence.arrived', who })
  await richViewer('jo', 500)
  await submit('buy', { kind: 'store.buy', who: { account: 'jo', name: 'jo' }, word: 'name-it', text: 'Lampe' })
  const dump = spawnSync(`${postgresPrograms()}/pg_dump`, ['--no-owner', url], { encoding: 'utf8', maxBuffer: 1e9 })
  expect(dump.stderr).toBe('')

  const other = startPostgres({ name: `restore-${process.pid}`, port: await freePort(), fresh: true })
  onTestFinished(() => {
    other.stop()
    rmSync(other.folder, { recursive: true, force: true })
  })
  const restore = spawnSync(`${postgresPrograms()}/psql`, ['-q', '-v', 'ON_ERROR_STOP=1', other.url], {
    input: dump.stdout,
    encoding: 'utf8',
  })
  expect(restore.stderr).toBe('')
  const pool = connect(other.url, 2)
  onTestFinished(() => pool.end())
  await migrateUp(pool, 'server/migrations')
  // "jo" was given 500 by hand, outside the ledger.
  expect(await sumOfAll(pool)).toBe(500)
  const { send } = writerFor(pool, channel)
  const bought = await send('again', {
    kind: 'store.buy',
    who: { account: 'jo', name: 'jo' },
    word: 'whistle',
    text: '',
  })
  expect(bought).toMatchObject({ ok: true, value: { balance: 395 } })
  await expect(pool.query('delete from transfer')).rejects.toThrow(/never changed/)
})

describe('the database’s history', () => {
  test('that is not the beginning of ours is refused', async () => {
    const { pool } = await testDatabase()
    const folder = mkdtempSync(`${tmpdir()}/migrations-`)
    cpSync('server/migrations', folder, { recursive: true })
    await migrateUp(pool, folder)
    const first = `${folder}/0000_first.sql`
    const text = readFileSync(first, 'utf8')
    writeFileSync(first, `${text}\n-- edited`)
    await expect(migrateUp(pool, folder)).rejects.toThrow(/was changed since/)
    writeFileSync(first, text)
    await migrateUp(pool, folder)
    await pool.query("insert into drizzle.__drizzle_migrations (hash, created_at) values ('x', 9999999999999)")
    await expect(migrateUp(pool, folder)).rejects.toThrow(/made by a newer version/)
  })
})

test('a server that is told to stop answers what is in flight, and all of it is durable', async () => {
  const { web, server, signedIn, richViewer, pool } = await testServer()
  await richViewer('jo', 60_000)
  const cookie = await signedIn('viewer', 'jo')
  const buy = async (i: number) => {
    const headers = { cookie, 'idempotency-key': `in-flight-${i}`, 'content-type': 'application/json' }
    const body = JSON.stringify({ word: 'whistle', text: '' })
    const response = await fetch(`${web}/api/channels/bench/orders`, { method: 'POST', headers, body })
    return { answer: response.status, order: ((await response.json()) as { order: number }).order }
  }
  const answers = Array.from({ length: 60 }, (_, i) => buy(i).catch(() => undefined))
  await Promise.race(answers)
  await server.stop()
  const answered = (await Promise.all(answers)).filter((answer) => answer !== undefined)
  expect(answered.length).toBeGreaterThan(0)
  const kept = new Set((await pool.query('select id from store_order')).rows.map((row) => row.id as number))
  for (const { answer, order } of answered) {
    expect(answer).toBe(200)
    expect(kept).toContain(order)
  }
})
