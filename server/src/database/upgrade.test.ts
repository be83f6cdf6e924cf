import { createHash } from 'node:crypto'
import { expect, test } from 'vitest'
import { COMMAND } from '../../../testing/core/channel.ts'
import { emptyDatabase, migrationsUpTo } from '../../../testing/server/versions.ts'
import { unreadableOf } from '../settings/unreadable.ts'
import { migrateUp, type Pool, reader } from './index.ts'

/** Every version's settings are read by this one. */
const expectReadable = async (pool: Pool) => expect(await unreadableOf(reader(pool), 1)).toEqual([])

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
  await expectReadable(pool)
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
  await expectReadable(pool)
  const rewards = await one('select word, settings, place from reward order by place')
  expect(rewards.map(({ word, place }) => [word, place])).toEqual([
    ['whistle', 0],
    ['lamp', 1],
  ])
  const [whistle, lamp] = rewards.map(({ settings }) => settings)
  expect(lamp).toMatchObject({ asks: { of: 'text', question: 'Which?', most: 200 }, kind: 'hand', on: true, alert: 41 })
  expect(whistle).toMatchObject({ asks: { of: 'nothing' }, kind: 'itself', on: false, alert: null })
  const alerts = await one('select id, settings from alert')
  expect(alerts).toMatchObject([
    { id: 41, settings: { title: 'Next: {{ order.text }}', sound: 'bell', picture: 'lamp' } },
  ])
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

test('chat words of the version before keep their own words, and only the one that a duel took is called otherwise', async () => {
  const words = (take: string) => JSON.stringify({ get: { word: 'fetch' }, take: { word: take, on: true } })
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(14))
  await pool.query("insert into channel (slug, name, owner) values ('bench', 'Bench', 'wanda'), ('roof', 'Roof', 'jo')")
  await pool.query("insert into setting (channel, name, body) values (1, 'chatWords', $1), (2, 'chatWords', $2)", [
    words('Take'),
    words('grab'),
  ])
  await migrateUp(pool, 'server/migrations')
  await expectReadable(pool)
  const { rows } = await pool.query(
    "select body->'get'->>'word' as get, body->'take'->>'word' as take from setting where name = 'chatWords' order by channel",
  )
  expect(rows).toEqual([
    { get: 'fetch', take: 'deduct' },
    { get: 'fetch', take: 'grab' },
  ])
})

test('a word that a channel has for something of its own stays that, and ours is called otherwise there alone', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(41))
  await pool.query(
    "insert into channel (slug, name, owner) values ('bench', 'Bench', 'wanda'), ('roof', 'Roof', 'jo'), ('shed', 'Shed', 'otto')",
  )
  const own = JSON.stringify({ ...COMMAND, word: 'faq', aliases: ['Fair'] })
  await pool.query(
    "insert into command (channel, id, settings) values (1, 1, $1), (2, 1, jsonb_set($1, '{aliases}', '[\"rules\"]'))",
    [own],
  )
  await pool.query("insert into setting (channel, name, body) values (1, 'chatWords', $1)", [
    JSON.stringify({ get: { word: 'fetch' } }),
  ])
  await migrateUp(pool, 'server/migrations')
  await expectReadable(pool)
  const { rows } = await pool.query("select channel, body from setting where name = 'chatWords'")
  expect(rows).toMatchObject([{ channel: 1, body: { get: { word: 'fetch' }, fair: { word: 'fairness' } } }])
})

test('who had linked their accounts before has the role for it', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(35))
  await pool.query("insert into channel (slug, name, owner) values ('bench', 'Bench', 'wanda')")
  const person = `insert into viewer (channel, id, issuer, account, account_key, name, chat_name, handle, moderator, ignored, present, first_seen_at, last_seen_at)
    values (1, $1, $2, $3, $4, $3, $3, $3, false, false, false, 1, 1)`
  const people = [
    [1, 'irc:chat.example', 'pia'],
    [2, 'irc:chat.example', 'jo'],
    [3, '', 'sol'],
  ] as const
  for (const [id, issuer, account] of people)
    await pool.query(person, [id, issuer, account, issuer === '' ? account : `${issuer}\n${account}`])
  const alias = 'insert into alias (channel, account, viewer) values (1, $1, $2)'
  await pool.query(alias, ['pia_at_home', 1])
  await pool.query(alias, ['irc:chat.example\njo_too', 2])
  await pool.query(alias, ['sol_too', 3])
  await migrateUp(pool, 'server/migrations')
  expect((await pool.query('select id, linked from viewer order by id')).rows).toEqual([
    { id: 1, linked: true },
    { id: 2, linked: false },
    { id: 3, linked: false },
  ])
})

const DRAWING = { picks: [{ draw: 1, viewer: 1, name: 'Pia' }], total: 3, slices: [], at: 500 }

/** What the version before kept: prefixes in accounts, one seed for all, everything readable in the database. */
const OPEN_BEFORE = [
  "insert into channel (slug, name, owner, seq, revision, last_id) values ('bench', 'Bench', 'wanda', 0, 3, 40)",
  ...[
    [1, 'pia'],
    [2, 'nick/jo'],
    [3, 'merged/3'],
    [4, 'a/b'],
  ].map(
    ([
      id,
      account,
    ]) => `insert into viewer (channel, id, account, name, chat_name, handle, moderator, ignored, present, first_seen_at, last_seen_at)
      values (1, ${id}, '${account}', 'V${id}', 'V${id}', 'v${id}', false, false, false, 100, 200)`,
  ),
  "insert into alias values (1, 'nick/pia', 1), (1, 'pia2', 1)",
  "insert into overlay (channel, id, name, secret) values (1, 20, 'Main', 'secret')",
  "insert into event_secret (channel, name, secret, created_at) values (1, 'Tips', 'whsec_x', 100)",
  `insert into raffle (channel, id, settings, status, by_name, made_at, seed, commitment, draws, won, drawing, waiting, picked, returned)
    values (1, 30, '{"title": "Radio", "prize": {"of": "text", "text": "a radio"}}', 'drawing', 'wanda', 100, 'aa', 'bb', 1, 0, '${JSON.stringify(DRAWING)}', '[]', '[]', 0)`,
  "insert into seen_intent values (1, 'request/abc', 100, '{}')",
  `insert into setting values (1, 'earning', '{"intervalSeconds": 300, "base": 10, "cap": null, "support": {"tip": 30}}')`,
  ...['EUR', 'EUR', 'USD'].map(
    (currency, i) =>
      `insert into event values (1, ${60 + i}, 100, 100, 'x', 'ricompensa.tip', 1, 'V1', '{"currency": "${currency}"}', 'paid')`,
  ),
]

test('a channel of the version before keeps its people, its open draw without telling it, its keys and what tips were paid in', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(16))
  for (const statement of OPEN_BEFORE) await pool.query(statement)
  await migrateUp(pool, 'server/migrations')
  const one = async (text: string) => (await pool.query(text)).rows
  await expectReadable(pool)
  expect(await one('select issuer, account, account_key from viewer order by id')).toEqual([
    { issuer: '', account: 'pia', account_key: 'pia' },
    { issuer: 'nick', account: 'jo', account_key: 'nick\njo' },
    { issuer: 'merged', account: '3', account_key: 'merged\n3' },
    // What a provider called so is no prefix of ours.
    { issuer: '', account: 'a/b', account_key: 'a/b' },
  ])
  expect(await one('select account from alias order by account')).toEqual([
    { account: 'nick\npia' },
    { account: 'pia2' },
  ])
  expect(await one("select value from installation where name = 'chat-accounts'")).toEqual([{ value: 'sign-in' }])
  const [raffle] = await one('select seed_origin, drawing, hidden from raffle')
  expect(raffle.seed_origin).toBe('channel')
  expect(JSON.stringify(raffle.drawing)).not.toContain('Pia')
  expect(raffle.hidden).toMatchObject({ draws: [1], reveal: { picks: DRAWING.picks, total: 3 } })
  const key = createHash('sha256').update('request/abc').digest('base64url')
  expect(await one('select key from seen_intent')).toEqual([{ key }])
  expect(await one('select kinds from event_secret')).toEqual([{ kinds: null }])
  expect(await one("select body->'support'->'money' as money from setting where name = 'earning'")).toEqual([
    { money: { currency: 'EUR', rates: {} } },
  ])
})

test('an installation without a channel takes nobody of the chat for somebody of the sign-in', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, 'server/migrations')
  expect((await pool.query('select 1 from installation')).rowCount).toBe(0)
})

test('what rests of a game rests on: its limits are kept by its name from now on', async () => {
  const pool = await emptyDatabase()
  await migrateUp(pool, migrationsUpTo(45))
  await pool.query("insert into channel (slug, name, owner) values ('bench', 'Bench', 'wanda')")
  await pool.query(
    `insert into cooldown (channel, key, until, period, used) values (1, 'g1', 900, 3, 1), (1, 'g8/12', 950, 3, 2),
      (1, 'g5/told/12', 20, 0, 0), (1, 'c12', 40, 0, 0), (1, 'o7/1', 50, 0, 0)`,
  )
  await migrateUp(pool, 'server/migrations')
  const { rows } = await pool.query('select key, until, used from cooldown order by until')
  expect(rows.map(({ key }) => key)).toEqual(['g:coin/told/12', 'c12', 'o7/1', 'g:heist', 'g:boss/12'])
})
