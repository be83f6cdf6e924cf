import { Logger, runMigrations } from 'graphile-worker'
import type { Logger as Log } from 'pino'
import type { Pool } from '../database/index.ts'
import { HANDS_IN } from '../writer/index.ts'

/** The log of the timers' library, as ours. */
export const workerLogger = (log: Log) =>
  new Logger(() => (level, message) => {
    if (level === 'error') log.error(message)
    else if (level === 'warning') log.warn(message)
    else log.debug(message)
  })

/** Lays out the tables that timers are kept in, and brings timers of earlier versions into the shape of this one. */
export async function migrateTimers(pool: Pool, log: Log): Promise<void> {
  await runMigrations({ pgPool: pool, logger: workerLogger(log) })
  const upgraded = (await pool.query(UPGRADE, [HANDS_IN])).rowCount ?? 0
  if (upgraded > 0) log.info({ upgraded }, 'timers of an earlier version were upgraded')
  await pool.query(DATE_REPORTS)
}

/**
 * In the version before, a timer bore the kind of its intent as its task, and the intent's fields as its payload. Set again under
 * its key, it takes the place of the one that was.
 */
const UPGRADE = `select graphile_worker.add_job($1,
    json_build_object(
      'channel', payload->'channel',
      'key', substr(job.key, strpos(job.key, '/') + 1),
      'intent', (payload::jsonb - 'channel' - case identifier
        when 'run.continue' then array['due'] when 'trigger.run' then array['run'] else array[]::text[] end)
        || jsonb_build_object('kind', identifier)),
    run_at := run_at, job_key := job.key, queue_name := queue_name, max_attempts := max_attempts)
  from graphile_worker._private_jobs job
  join graphile_worker._private_tasks task on task.id = job.task_id
  left join graphile_worker._private_job_queues queue on queue.id = job.job_queue_id
  where job.key is not null and identifier in ('run.continue', 'trigger.run', 'trigger.tick', 'store.perk', 'store.erase',
    'game.tick', 'raffle.tick')`

/** A redemption's answer of an even earlier version does not say when it was decided: at the latest when it was to be told. */
const DATE_REPORTS = `update graphile_worker._private_jobs job
  set payload = (payload::jsonb || jsonb_build_object('at', extract(epoch from run_at)::bigint))::json
  from graphile_worker._private_tasks task
  where task.id = job.task_id and identifier = 'platform.report' and not (payload::jsonb ? 'at')`
