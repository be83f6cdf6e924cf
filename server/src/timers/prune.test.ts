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
