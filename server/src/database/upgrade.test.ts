import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Ajv } from 'ajv'
import pg from 'pg'
import { expect, inject, onTestFinished, test } from 'vitest'
import { AlertSettings } from '#core/screen'
import { StepSchema } from '#core/steps'
import { RewardSettings } from '#core/store'
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

/** What a store of the version before had. */
const STORE_BEFORE = [
  "insert into channel (slug, name, owner, seq, revision, last_id) values ('bench', 'Bench', 'wanda', 0, 3, 40)",
  `insert into viewer (channel, id, account, name, chat_name, handle, moderator, ignored, present, first_seen_at, last_seen_at)
    values (1, 1, 'pia', 'Pia', 'Pia', 'pia', false, false, true, 100, 200)`,
  `insert into reward (channel, id, word, name, description, price, delivery, ask, picture, sound, alert_title, alert_line, open)
    values (1, 2, 'lamp', 'Lamp', 'Shines.', 900, 'hand', 'Which?', 'lamp', 'bell', 'Next: {{ order.text }}', '', true),
      (1, 3, 'whistle', 'Whistle', '', 60, 'itself', null, 'whistle', 'whistle', '', '', false)`,
  `insert into account (channel, id, kind, balance) values (1, 1, 'wallet', 30), (1, 10, 'pot', 900), (1, 11, 'pot', 0)`,
  `insert into store_order (channel, id, reward, reward_name, viewer, viewer_name, price, text, status, placed_at, ended_at, ended_by, payment)
    values (1, 10, 2, 'Lamp', 1, 'Pia', 900, 'blue', 'waiting', 150, null, null, 5), (1, 11, 2, 'Lamp', 1, 'Pia', 900, 'red', 'done', 160, 170, 'wanda', 6),
      (1, 12, 3, 'Whistle', 1, 'Pia', 60, null, 'refunded', 170, 180, 'wanda', 7)`,
  "insert into overlay (channel, id, name, secret) values (1, 20, 'Main', 'secret')",
]

test('a store of the version before keeps its rewards, what they showed, what was sold, and its overlays', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(13))
  for (const statement of STORE_BEFORE) await pool.query(statement)
  await migrateUp(pool, 'server/migrations')
  const one = async (text: string) => (await pool.query(text)).rows
  const rewards = await one('select word, settings, place from reward order by place')
  expect(rewards.map(({ word, place }) => [word, place])).toEqual([
    ['whistle', 0],
    ['lamp', 1],
  ])
  for (const { settings } of rewards)
    expect(new Ajv().addSchema(StepSchema).validate(RewardSettings, settings)).toBe(true)
  const [whistle, lamp] = rewards.map(({ settings }) => settings)
  expect(lamp).toMatchObject({ asks: { of: 'text', question: 'Which?', most: 200 }, kind: 'hand', on: true, alert: 41 })
  expect(whistle).toMatchObject({ asks: { of: 'nothing' }, kind: 'itself', on: false, alert: null })
  const alerts = await one('select id, settings from alert')
  expect(alerts).toMatchObject([
    { id: 41, settings: { title: 'Next: {{ order.text }}', sound: 'bell', picture: 'lamp' } },
  ])
  expect(new Ajv().validate(AlertSettings, alerts[0]?.settings)).toBe(true)
  expect(await one('select last_id, revision from channel')).toEqual([{ last_id: 41, revision: 4 }])
  expect(await one('select key, total, last_at from sold order by key')).toEqual([
    { key: '2', total: 2, last_at: 160 },
    { key: '2/1', total: 2, last_at: 160 },
    { key: '3', total: 0, last_at: 170 },
    { key: '3/1', total: 0, last_at: 170 },
  ])
  expect(await one('select id, by_hand from store_order order by id')).toEqual([
    { id: 10, by_hand: true },
    { id: 11, by_hand: true },
    { id: 12, by_hand: false },
  ])
  const [overlay] = await one('select width, pieces from overlay')
  expect(overlay).toMatchObject({ width: 1920, pieces: [{ of: 'alerts', which: 'all' }] })
})
