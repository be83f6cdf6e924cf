import { expect, test } from 'vitest'
import { addChannel, testDatabase, writerFor } from '../../../testing/server/database.ts'
import { factsAfter } from '../feed/index.ts'
import { prune } from './prune.ts'

const DAY = 86_400
const NOW = 1_000 * DAY

test('seen intents and facts go after 40 days; the numbering goes on, and money stays', async () => {
  const { pool } = await testDatabase()
  const channel = await addChannel(pool)
  const { send } = writerFor(pool, channel)
  const who = { account: 'pia', name: 'pia' }
  await send('old', { kind: 'show.start', title: 'Old' }, NOW - 60 * DAY)
  await send('in', { kind: 'presence.arrived', who }, NOW - 60 * DAY)
  await send('out', { kind: 'presence.left', account: 'pia' }, NOW - 60 * DAY + 3600)
  await send('new', { kind: 'chat.line', who, text: 'hello', privately: false }, NOW - DAY)
  const transfers = async () => (await pool.query('select count(*) from transfer')).rows[0].count as number
  const before = await transfers()
  expect(await prune(pool, () => NOW)).toEqual({ intents: 3, facts: 3 })
  expect((await pool.query('select key from seen_intent')).rows).toEqual([{ key: 'new' }])
  expect(await transfers()).toBe(before)
  await send('next', { kind: 'chat.voice', voice: { muted: true } }, NOW)
  const seqs = (await factsAfter(pool, channel, 0)).map(({ seq }) => seq)
  expect(seqs).toEqual([4, 5, 6])
  expect(await prune(pool, () => NOW)).toEqual({ intents: 0, facts: 0 })
})

test('a channel that was closed thirty days ago goes, with what was to come for it; one that was closed later stays', async () => {
  const { pool } = await testDatabase()
  const [old, late] = [await addChannel(pool), await addChannel(pool, 'late')]
  const { send } = writerFor(pool, old)
  await send('in', { kind: 'presence.arrived', who: { account: 'pia', name: 'pia' } })
  const closed = 'update channel set closed_at = extract(epoch from now())::bigint - $2 where id = $1'
  await pool.query(closed, [old, 31 * DAY])
  await pool.query(closed, [late, 29 * DAY])
  await prune(pool, () => NOW)
  expect((await pool.query('select id from channel')).rows).toEqual([{ id: late }])
  expect((await pool.query('select 1 from viewer')).rowCount).toBe(0)
})
