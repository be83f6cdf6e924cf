import type { World } from '#core/world'
import type { Client, Pool } from '../database/index.ts'
import { readHead } from './channelRow.ts'
import { loadWorld } from './load.ts'

/** Plays something on a copy of a channel: rows as they are at one moment, read only, and nothing of it is written. */
export async function onCopy<T>(
  pool: Pool,
  channel: number,
  play: (client: Client, world: World) => Promise<T>,
): Promise<T> {
  const client = await pool.connect()
  try {
    await client.query('begin isolation level repeatable read read only')
    const head = await readHead(client, channel)
    return await play(client, await loadWorld(client, channel, head.seq, head.lastId))
  } finally {
    await client.query('rollback').catch(() => {})
    client.release()
  }
}
