import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { expect, inject, onTestFinished, test } from 'vitest'
import { connect, migrateUp } from './index.ts'

interface Journal {
  readonly entries: readonly { readonly idx: number }[]
}

/** The migrations up to a number, as a version of then had them. */
function migrationsUpTo(last: number): string {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'))
  onTestFinished(() => rmSync(folder, { recursive: true }))
  cpSync('server/migrations', folder, { recursive: true })
  const file = join(folder, 'meta/_journal.json')
  const journal = JSON.parse(readFileSync(file, 'utf8')) as Journal
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.filter(({ idx }) => idx <= last) }))
  return folder
}

async function emptyDatabase() {
  const server = inject('postgresUrl')
  const admin = new pg.Client({ connectionString: server })
  await admin.connect()
  const name = `upgrade_${Date.now()}`
  await admin.query(`create database ${name}`)
  const pool = connect(server.replace(/\/postgres$/, `/${name}`), 2)
  onTestFinished(async () => {
    await pool.end()
    await admin.query(`drop database ${name} with (force)`)
    await admin.end()
  })
  return pool
}

/** What a channel had when everybody was paid alike. */
const BEFORE = [
  "insert into channel (slug, name, owner, time_zone) values ('bench', 'Bench', 'wanda', 'Europe/Berlin')",
  `insert into viewer (channel, id, account, name, moderator, ignored, present, first_seen_at, last_seen_at)
    values (1, 1, 'pia', 'Pia_Ohm', false, false, true, 100, 200)`,
  "insert into account values (1, 1, 'wallet', 30)",
  'insert into watch values (1, 1, true, 150, 20, 3000, 2, 300)',
  `insert into show (channel, id, title, status, started_at, ended_at, paid, spent)
    values (1, 2, 'First', 'ended', 100, 140, 1, 1), (1, 3, 'Second', 'on', 150, null, 1, 1)`,
  `insert into transfer (channel, id, at, from_account, to_account, amount, reason, intent)
    values (1, 4, 110, -1, 1, 50, 'watched', 'a'), (1, 5, 120, 1, -2, 20, 'ordered', 'b'), (1, 6, 130, -4, 1, 7, 'adjusted', 'c')`,
  `insert into adjustment (channel, id, at, by, how, amount, why, lines) values (1, 7, 130, 'wanda', 'give', 7, '', '[]')`,
  `insert into setting values (1, 'earning', '{"intervalSeconds": 300, "base": 10, "cap": null}'),
    (1, 'support', '{"follow": 20, "raid": {"fixed": 5, "perViewer": 1}, "tip": 30}')`,
]

test('a channel of the version before keeps all it had: plan, numbers of shows, what was earned, its time zone', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(10))
  for (const statement of BEFORE) await pool.query(statement)
  await migrateUp(pool, 'server/migrations')
  const one = async (text: string) => (await pool.query(text)).rows
  expect(await one("select body from setting where name = 'earning'")).toEqual([
    {
      body: {
        intervalSeconds: 300,
        base: 10,
        cap: null,
        support: {
          follow: 20,
          raid: { fixed: 5, perViewer: 1, followersOnly: false },
          tip: 30,
          giftReceived: 0,
          thanks: {},
        },
      },
    },
  ])
  expect(await one("select name, body from setting where name in ('support', 'zone')")).toEqual([
    { name: 'zone', body: { timeZone: 'Europe/Berlin' } },
  ])
  expect(await one('select number, counts_from from show order by id')).toEqual([
    { number: 1, counts_from: 100 },
    { number: 2, counts_from: 150 },
  ])
  expect(await one('select balance, earned from account')).toEqual([{ balance: 30, earned: 50 }])
  expect(await one('select chat_name, handle, folded, circles from viewer')).toEqual([
    { chat_name: 'Pia_Ohm', handle: 'pia_ohm', folded: expect.stringMatching(/^pi?aohm$|^piaohm$/), circles: [] },
  ])
  expect(await one('select of, undo_until from adjustment')).toEqual([{ of: 'balance', undo_until: 730 }])
})
