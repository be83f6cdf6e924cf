import { randomBytes } from 'node:crypto'
import type pg from 'pg'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import { STREAMER } from '../../standin/src/people.ts'

/** What a channel has that was opened a moment ago: its currency, what watching pays at first, and an overlay. */
export async function seedEmpty(pool: pg.Pool, writerPool: pg.Pool, now: number): Promise<void> {
  const made = await pool.query(
    "insert into channel (slug, name, owner, opened_at) values ('workbench', 'A new channel', $1, $2) returning id",
    [STREAMER.account, now],
  )
  const channel = made.rows[0].id as number
  const writer = new ChannelWriter({ pool: writerPool, channel, onFacts: () => {}, batchSize: 10 })
  const currency = { one: 'point', many: 'points', word: 'points' }
  const plan = { intervalSeconds: 300, base: 10, cap: null }
  await writer.submit({ kind: 'channel.setUp', currency, plan, timeZone: 'Europe/Berlin', ...envelope('empty/1', now) })
  const secret = randomBytes(24).toString('base64url')
  await writer.submit({ kind: 'screen.add', name: 'Main picture', secret, ...envelope('empty/2', now) })
  const complete = JSON.stringify({ complete: true })
  await pool.query("insert into setting (channel, name, body) values ($1, 'demo', $2)", [channel, complete])
}
