import { EventEmitter } from 'node:events'
import { type Runner, run, type TaskList, type WorkerEvents } from 'graphile-worker'
import type { Logger as Log } from 'pino'
import type { Intent } from '#core/engine'
import type { RaffleTick } from '#core/raffles'
import type { RunTrigger } from '#core/triggers'
import type { Channels } from '../channels.ts'
import type { Pool } from '../database/index.ts'
import { payAllowances, tick } from '../earning/index.ts'
import { timed } from '../runs/index.ts'
import type { RedemptionAnswer } from '../triggers/index.ts'
import { IntentBug } from '../writer/index.ts'
import { Instance } from './instance.ts'
import { quiet } from './migrate.ts'
import { prune } from './prune.ts'

export { migrateTimers } from './migrate.ts'

/** How often PostgreSQL is asked for timers that are due: they run at most this late. */
const POLL_MS = 200
const AGAIN_MS = 1000

/** Every night at 4:17 UTC; caught up with if the server was down then. */
const NIGHTLY = '17 4 * * * prune ?fill=1d'

export interface Timers {
  readonly stop: () => Promise<void>
}

/** Runs what is due, for as long as the server runs. A timer only hands in intents; one that fails is run again later. */
export async function startTimers(
  pool: Pool,
  url: string,
  channels: Channels,
  log: Log,
  report: (answer: RedemptionAnswer) => Promise<void> = async () => {},
): Promise<Timers> {
  const instance = new Instance(pool, url, log)
  await instance.start()
  let stopped = false
  let runner: Runner | undefined
  let again: NodeJS.Timeout | undefined
  const start = async () => {
    const started = await startRunner({ pool, instance, channels, log, report, stopped: () => stopped })
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

interface RunnerParts {
  readonly pool: Pool
  readonly instance: Instance
  readonly channels: Channels
  readonly log: Log
  readonly report: (answer: RedemptionAnswer) => Promise<void>
  readonly stopped: () => boolean
}

function startRunner(parts: RunnerParts): Promise<Runner> {
  const { pool, instance, log } = parts
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
    taskList: tasksOf(parts),
  })
}

/** What each kind of timer does: hands in its intent, until it is answered. */
function tasksOf({ pool, channels, log, report, stopped }: RunnerParts): TaskList {
  const handIn = (channel: number, key: string, intent: Intent) =>
    untilDone(async () => void (await channels.submit(channel, key, intent)), stopped)
  return {
    ...ticksOf(handIn, channels),
    prune: async () => {
      log.info(await prune(pool, channels.clock), 'pruned')
    },
    'trigger.run': async (payload) => {
      const { channel, run, ...set } = payload as { channel: number; run: number } & Omit<RunTrigger, 'kind'>
      const work = async () => void (await timed(channels, channel, `trigger/${run}`, { kind: 'trigger.run', ...set }))
      await untilDone(work, stopped, MOST_TRIES)
    },
    // Where the platform does not answer it is asked again, later each time.
    'platform.report': async (payload) => await report(payload as RedemptionAnswer),
    'earning.allowance': async (payload) => {
      const { channel, due } = payload as { channel: number; due: number }
      await untilDone(() => payAllowances(channels, channel, due), stopped)
    },
    'earning.tick': async (payload, { job }) => {
      const { channel, show } = payload as { channel: number; show: number }
      await untilDone(() => tick(channels, channel, show, `${job.id}/${job.attempts}`), stopped)
    },
  }
}

/** The timers that are an intent and nothing more. */
function ticksOf(
  handIn: (channel: number, key: string, intent: Intent) => Promise<void>,
  channels: Channels,
): TaskList {
  return {
    'run.continue': async (payload) => {
      const { channel, run, due, depth } = payload as { channel: number; run: number; due: number; depth: number }
      await handIn(channel, `run/${run}/${due}`, { kind: 'run.continue', run, depth })
    },
    'trigger.tick': async (payload) => {
      const { channel, trigger, due } = payload as { channel: number; trigger: number; due: number }
      await handIn(channel, `trigger.tick/${trigger}/${due}`, { kind: 'trigger.tick', trigger, due })
    },
    'store.perk': async (payload) => {
      const { channel, order, due } = payload as { channel: number; order: number; due: number }
      await handIn(channel, `perk/${order}/${due}`, { kind: 'store.perk', order, due })
    },
    'store.erase': async (payload) => {
      const { channel, order, due } = payload as { channel: number; order: number; due: number }
      await handIn(channel, `erase/${order}/${due}`, { kind: 'store.erase', order, due })
    },
    'game.tick': async (payload) => {
      const { channel, round, due } = payload as { channel: number; round: number; due: number }
      const key = `game/${round}/${due}`
      await handIn(channel, key, { kind: 'game.tick', round, due }).catch(async (fault: unknown) => {
        if (!(fault instanceof IntentBug)) throw fault
        // A round always ends: one that cannot go on gives every stake back.
        await channels.submit(channel, `${key}/off`, { kind: 'game.callOff', round, by: 'the server' })
      })
    },
    'raffle.tick': async (payload) => {
      const { channel, ...tick } = payload as { channel: number } & Omit<RaffleTick, 'kind'>
      const { raffle, what, due, draw = 0, after = 0 } = tick
      await handIn(channel, `raffle/${raffle}/${what}/${due}/${draw}/${after}`, { kind: 'raffle.tick', ...tick })
    },
  }
}

const RETRY_MS = 300
/** After so many tries at once a trigger waits, so that one that cannot be run keeps no other one waiting. */
const MOST_TRIES = 30

/** Tries again until it works: left to itself the queue would wait longer after each failure, and people are waiting. */
async function untilDone(
  work: () => Promise<void>,
  stopped: () => boolean,
  most = Number.POSITIVE_INFINITY,
): Promise<void> {
  for (let tries = 1; ; tries++) {
    try {
      return await work()
    } catch (fault) {
      // What failed by a bug fails again: the queue tries it later, and nothing else waits for it.
      if (stopped() || tries >= most || fault instanceof IntentBug) throw fault
      await new Promise((later) => setTimeout(later, RETRY_MS))
    }
  }
}
