import { Logger, type Runner, run, runMigrations } from 'graphile-worker'
import type { Logger as Log } from 'pino'
import type { Channels } from '../channels.ts'
import type { Pool } from '../database/index.ts'
import { tick } from '../earning/index.ts'
import { prune } from './prune.ts'

/** How often PostgreSQL is asked for timers that are due: they run at most this late. */
const POLL_MS = 200

/** Every night at 4:17 UTC; caught up with if the server was down then. */
const NIGHTLY = '17 4 * * * prune ?fill=1d'

const quiet = (log: Log) =>
  new Logger(() => (level, message) => {
    if (level === 'error') log.error(message)
    else if (level === 'warning') log.warn(message)
    else log.debug(message)
  })

/** Lays out the tables that timers are kept in. */
export const migrateTimers = (pool: Pool, log: Log): Promise<void> =>
  runMigrations({ pgPool: pool, logger: quiet(log) })

/** Runs what is due. A timer only hands in intents; one that fails is run again later. */
export function startTimers(pool: Pool, channels: Channels, log: Log): Promise<Runner> {
  return run({
    pgPool: pool,
    logger: quiet(log),
    pollInterval: POLL_MS,
    concurrency: 4,
    noHandleSignals: true,
    crontab: NIGHTLY,
    taskList: {
      prune: async () => {
        log.info(await prune(pool, channels.clock), 'pruned')
      },
      'earning.tick': async (payload) => {
        const { channel, show } = payload as { channel: number; show: number }
        await tick(channels, channel, show)
      },
    },
  })
}
