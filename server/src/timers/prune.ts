import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'

const KEPT_SECONDS = 40 * 86_400
const SECURITY_KEPT_SECONDS = 180 * 86_400
const RUNS_KEPT_SECONDS = 30 * 86_400
const DELIVERIES_KEPT_SECONDS = 7 * 86_400

/**
 * Lets go of what only serves repeats and pages that were away: seen intents and facts older than 40 days, the log of runs after 30, the
 * security log after 180, what became of deliveries after 7; and of channels that were closed 30 days ago, with all that is theirs. A page that was away for longer is told to load everything anew. Transfers, orders and shows are kept for good.
 * @returns How many rows went.
 */
export async function prune(pool: Pool, clock: Clock): Promise<{ intents: number; facts: number }> {
  const before = clock() - KEPT_SECONDS
  await pool.query('delete from security_event where at < $1', [clock() - SECURITY_KEPT_SECONDS])
  await pool.query('delete from webhook_delivery where at < $1', [clock() - DELIVERIES_KEPT_SECONDS])
  await pool.query('delete from open_form where until < $1', [clock()])
  await pool.query('delete from rate_limit where expire < $1', [clock() * 1000])
  await deleteClosed(pool)
  const intents = await pool.query('delete from seen_intent where at < $1', [before])
  // The newest fact stays, so that a channel's last number can always be read back with its time.
  const text = 'delete from fact_batch f where at < $1 and last < (select seq from channel where id = f.channel)'
  const facts = await pool.query(`${text} returning last - first + 1 as count`, [before])
  const runsBefore = clock() - RUNS_KEPT_SECONDS
  await pool.query("delete from run where at < $1 and outcome <> 'waiting'", [runsBefore])
  await pool.query('delete from run_time where at < $1', [runsBefore])
  return { intents: intents.rowCount ?? 0, facts: facts.rows.reduce((sum, { count }) => sum + count, 0) }
}

/** Channels whose time is over; the database itself holds to it (`delete_channel`). */
async function deleteClosed(pool: Pool): Promise<void> {
  const { rows } = await pool.query<{ id: number }>('select id from channel where closed_at is not null')
  for (const { id } of rows) await pool.query('select delete_channel($1)', [id])
}
