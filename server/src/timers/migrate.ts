import { Logger, runMigrations } from 'graphile-worker'
import type { Logger as Log } from 'pino'
import type { Pool } from '../database/index.ts'

/** The log of the timers' library, as ours. */
export const quiet = (log: Log) =>
  new Logger(() => (level, message) => {
    if (level === 'error') log.error(message)
    else if (level === 'warning') log.warn(message)
    else log.debug(message)
  })

/** Lays out the tables that timers are kept in. */
export const migrateTimers = (pool: Pool, log: Log): Promise<void> =>
  runMigrations({ pgPool: pool, logger: quiet(log) })
