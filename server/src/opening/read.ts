import type { Pool } from '../database/index.ts'

/** So many channels are listed at once. */
const LISTED = 200

/** A channel of the installation's list. */
export interface OpenChannel {
  readonly slug: string
  readonly name: string
  readonly onAir: boolean
}

/** The channels that anybody may find, those on air first. */
export async function openChannels(pool: Pool): Promise<OpenChannel[]> {
  const text = `select c.slug, c.name, exists(select 1 from show s where s.channel = c.id and s.status = 'on') as "onAir"
    from channel c where c.closed_at is null and c.paused_by is null and not c.unlisted
    order by "onAir" desc, c.name, c.id limit ${LISTED}`
  return (await pool.query<OpenChannel>(text)).rows
}
