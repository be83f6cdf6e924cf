import type { World } from '#core/world'
import type { Client } from '../database/index.ts'

/** A channel's row as the writer sees it. `revision` goes up with every batch. */
export interface Head {
  readonly seq: number
  readonly lastId: number
  readonly revision: number
}

/** First half of the advisory lock's key: keeps our locks apart from others in the same database. */
const LOCK_SPACE = 0x52c0

/** What PostgreSQL answers when another instance has written since the rows in memory were true. */
const MOVED_ON = 'RC001'

export const isStaleRevision = (fault: unknown): boolean => (fault as { code?: string }).code === MOVED_ON

/** Begins a transaction and takes the channel's lock until its end. */
export function lock(client: Client, channel: number): Promise<unknown> {
  return Promise.all([
    client.query('begin'),
    client.query({ name: 'lock', text: 'select pg_advisory_xact_lock($1, $2)', values: [LOCK_SPACE, channel] }),
  ])
}

/** @throws if there is no such channel. */
export async function readHead(client: Client, channel: number): Promise<Head> {
  const text = 'select seq, last_id as "lastId", revision from channel where id = $1'
  const found = await client.query<Head>({ name: 'head', text, values: [channel] })
  const head = found.rows[0]
  if (head === undefined) throw new Error(`There is no channel ${channel}.`)
  return head
}

/** Moves the channel's row on by one revision, and tells every instance. @throws what `isStaleRevision` knows if it is not at `revision`. */
export async function advance(
  client: Client,
  channel: number,
  revision: number,
  { seq, lastId }: Pick<World, 'seq' | 'lastId'>,
): Promise<void> {
  const values = [channel, revision, seq, lastId]
  await client.query({ name: 'advance', text: 'select advance_channel($1, $2, $3, $4)', values })
}
