import type { UnixSeconds } from '#core/schema'
import type { Fact } from '#core/world'
import type { Pool } from '../database/index.ts'

const AFTER = 'select facts from fact_batch where channel = $1 and last > $2 order by last limit $3'

/**
 * A channel's facts after a number, in order: some hundreds or thousands of them, as their batches come; none if there are
 * none yet. Facts older than 40 days are gone, so the first may bear a higher number than the next one.
 */
export async function factsAfter(pool: Pool, channel: number, after: number, batches = 100): Promise<Fact[]> {
  const found = await pool.query({ name: 'facts-after', text: AFTER, values: [channel, after, batches] })
  return found.rows.flatMap((row) => JSON.parse(row.facts)).filter(({ seq }) => seq > after)
}

/** When a channel's last fact came (seconds), or undefined if nothing has happened yet. */
export async function lastFactAt(pool: Pool, channel: number): Promise<number | undefined> {
  const found = await pool.query<{ at: UnixSeconds }>(
    'select at from fact_batch where channel = $1 order by last desc limit 1',
    [channel],
  )
  return found.rows[0]?.at
}

/** The number of a channel's last fact; 0 where nothing has happened yet. */
export async function newestSeq(pool: Pool, channel: number): Promise<number> {
  const found = await pool.query<{ seq: number }>('select seq from channel where id = $1', [channel])
  return found.rows[0]?.seq ?? 0
}
