import { EventEmitter } from 'node:events'
import { Logger, type Runner, run, runMigrations, type WorkerEvents } from 'graphile-worker'
import type { Logger as Log } from 'pino'
import type { Channels } from '../channels.ts'
import type { Pool } from '../database/index.ts'
import { payAllowances, tick } from '../earning/index.ts'
import { Instance } from './instance.ts'
import { prune } from './prune.ts'

/** How often PostgreSQL is asked for timers that are due: they run at most this late. */
const POLL_MS = 200
const AGAIN_MS = 1000

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

export interface Timers {
  readonly stop: () => Promise<void>
}

/** Runs what is due, for as long as the server runs. A timer only hands in intents; one that fails is run again later. */
export async function startTimers(pool: Pool, url: string, channels: Channels, log: Log): Promise<Timers> {
  const instance = new Instance(pool, url, log)
  await instance.start()
  let stopped = false
  let runner: Runner | undefined
  let again: NodeJS.Timeout | undefined
  const start = async () => {
    const started = await startRunner(pool, instance, channels, log, () => stopped)
    runner = started
    // It gives up where the database was away for long; we do not.
    void started.promise.catch(() => {}).then(() => later())
  }
  const later = () => {
    if (stopped) return
    again = setTimeout(() => void start().catch(later), AGAIN_MS)
  }
  await start()
  const stop = async () => {
    stopped = true
    clearTimeout(again)
    await runner?.stop().catch(() => {})
    await instance.stop()
  }
  return { stop }
}

function startRunner(
  pool: Pool,
  instance: Instance,
  channels: Channels,
  log: Log,
  stopped: () => boolean,
): Promise<Runner> {
  const events: WorkerEvents = new EventEmitter()
  const register = (id: string) => {
    instance.addWorker(id).catch((err: unknown) => log.warn({ err }, 'a timer worker could not be registered'))
  }
  // A timer is locked by the worker or by its pool, depending on how it was fetched.
  events.on('pool:create', ({ workerPool }) => register(workerPool.id))
  events.on('worker:create', ({ worker }) => register(worker.workerId))
  return run({
    pgPool: pool,
    logger: quiet(log),
    events,
    pollInterval: POLL_MS,
    concurrency: 4,
    noHandleSignals: true,
    crontab: NIGHTLY,
    taskList: {
      prune: async () => {
        log.info(await prune(pool, channels.clock), 'pruned')
      },
      'earning.allowance': async (payload) => {
        const { channel, due } = payload as { channel: number; due: number }
        await untilDone(() => payAllowances(channels, channel, due), stopped)
      },
      'earning.tick': async (payload, { job }) => {
        const { channel, show } = payload as { channel: number; show: number }
        await untilDone(() => tick(channels, channel, show, `${job.id}/${job.attempts}`), stopped)
      },
    },
  })
}

const RETRY_MS = 300

/** Tries again until it works: left to itself the queue would wait longer after each failure, and people are waiting. */
async function untilDone(work: () => Promise<void>, stopped: () => boolean): Promise<void> {
  for (;;) {
    try {
      return await work()
    } catch (fault) {
      if (stopped()) throw fault
      await new Promise((later) => setTimeout(later, RETRY_MS))
    }
  }
}
