import { type AnswerTo, decide, type Intent, needs } from '#core/engine'
import { type Need, type Result, RowNotLoaded, type World } from '#core/world'
import type { Client, Pool } from '../database/index.ts'
import { readHead } from './channelRow.ts'
import { loadUntilThere, loadWorld } from './load.ts'
import type { IntentEnvelope } from './sent.ts'

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

/** Decides an intent on a copy. Whatever it needs, or meets while it is decided, is loaded. */
export async function decideOnCopy<I extends Intent>(
  client: Client,
  channel: number,
  world: World,
  sent: IntentEnvelope<I>,
): Promise<Result<AnswerTo<I>>> {
  const met: Need[] = []
  for (;;) {
    await loadUntilThere(client, channel, world, () => [...needs(world, sent), ...met])
    try {
      return decide<I>(world, sent)
    } catch (fault) {
      if (!(fault instanceof RowNotLoaded) || world.rows.has(fault.need)) throw fault
      met.push(fault.need)
    }
  }
}
