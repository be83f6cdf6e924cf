import { EventEmitter } from 'node:events'
import { type Runner, type RunnerOptions, run, type Task, type TaskList, type WorkerEvents } from 'graphile-worker'
import type { Logger as Log } from 'pino'
import type { Delivery } from '#core/webhooks'
import type { Jobs, TimedIntent } from '#core/world'
import type { Channels } from '../channels.ts'
import type { Pool } from '../database/index.ts'
import { payAllowances, tick } from '../earning/index.ts'
import { timed } from '../runs/index.ts'
import type { RedemptionAnswer } from '../triggers/index.ts'
import { HANDS_IN, IntentBug } from '../writer/index.ts'
import { Instance } from './instance.ts'
import { workerLogger } from './migrate.ts'
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

/** What is told to others when its time has come. */
export interface Outgoing {
  readonly report: (answer: RedemptionAnswer) => Promise<void>
  readonly deliver: (told: Delivery & { channel: number }, attempt: string) => Promise<void>
}

/** Nobody outside is told of anything. */
const NOBODY: Outgoing = { report: async () => {}, deliver: async () => {} }

/** Runs what is due, for as long as the server runs. A timer only hands in intents; one that fails is run again later. */
export async function startTimers(
  pool: Pool,
  url: string,
  channels: Channels,
  log: Log,
  outgoing: Outgoing = NOBODY,
): Promise<Timers> {
  const instance = new Instance(pool, url, log)
  await instance.start()
  let stopped = false
  const parts = { pool, instance, channels, log, outgoing, stopped: () => stopped }
  const stops = await Promise.all([
    keepRunning(() => startRunner(parts, { taskList: tasksOf(parts), concurrency: 4, crontab: NIGHTLY })),
    // Others may be slow to answer: no game waits for them.
    keepRunning(() => startRunner(parts, { taskList: outgoingTasks(parts), concurrency: 8 })),
  ])
  const stop = async () => {
    stopped = true
    await Promise.all(stops.map((stopOne) => stopOne()))
    await instance.stop()
  }
  return { stop }
}

/** Runs a runner, and another one when it gives up. @returns What ends it. */
async function keepRunning(startOne: () => Promise<Runner>): Promise<() => Promise<void>> {
  let stopped = false
  let runner: Runner | undefined
  let again: NodeJS.Timeout | undefined
  const start = async () => {
    const started = await startOne()
    runner = started
    // It gives up where the database was away for long; we do not.
    void started.promise.catch(() => {}).then(() => later())
  }
  const later = () => {
    if (stopped) return
    again = setTimeout(() => void start().catch(later), AGAIN_MS)
  }
  await start()
  return async () => {
    stopped = true
    clearTimeout(again)
    await runner?.stop().catch(() => {})
  }
}

interface RunnerParts {
  readonly pool: Pool
  readonly instance: Instance
  readonly channels: Channels
  readonly log: Log
  readonly outgoing: Outgoing
  readonly stopped: () => boolean
}

function startRunner(
  { pool, instance, log }: RunnerParts,
  work: Pick<RunnerOptions, 'taskList' | 'concurrency' | 'crontab'>,
): Promise<Runner> {
  const events: WorkerEvents = new EventEmitter()
  const register = (id: string) => {
    instance.addWorker(id).catch((err: unknown) => log.warn({ err }, 'a timer worker could not be registered'))
  }
  // A timer is locked by the worker or by its pool, depending on how it was fetched.
  events.on('pool:create', ({ workerPool }) => register(workerPool.id))
  events.on('worker:create', ({ worker }) => register(worker.workerId))
  const common = { pgPool: pool, logger: workerLogger(log), events, pollInterval: POLL_MS, noHandleSignals: true }
  return run({ ...common, ...work })
}

/** What a timer that hands in its intent is kept as. */
interface Kept {
  readonly channel: number
  readonly key: string
  readonly intent: TimedIntent
}

/** What is told to others, by who runs it. */
type OutgoingJob = 'platform.report' | 'webhook.deliver'

/** What the server does by itself when its time has come. */
type JobTasks<K extends keyof Jobs> = {
  readonly [J in K]: (data: Jobs[J] & { channel: number }, attempt: string) => Promise<void>
}

const asTasks = <K extends keyof Jobs>(jobs: JobTasks<K>): TaskList =>
  Object.fromEntries(
    Object.entries<(data: never, attempt: string) => Promise<void>>(jobs).map(([name, run]): [string, Task] => [
      name,
      (payload, { job }) => run(payload as never, `${job.id}/${job.attempts}`),
    ]),
  )

/** What others are told. Where they do not answer they are told again, later each time. */
const outgoingTasks = ({ outgoing }: RunnerParts): TaskList =>
  asTasks<OutgoingJob>({
    'platform.report': (answer) => outgoing.report(answer),
    'webhook.deliver': (told, attempt) => outgoing.deliver(told, attempt),
  })

/** What is done with a timer whose time has come: its intent is handed in until it is answered, or it is a job of the server's. */
function tasksOf(parts: RunnerParts): TaskList {
  const { pool, channels, log } = parts
  const jobs = asTasks<Exclude<keyof Jobs, OutgoingJob>>({
    'earning.allowance': ({ channel, due }) =>
      untilDone(() => payAllowances(channels, channel, due), endOf(parts, channel)),
    'earning.tick': ({ channel, show }, attempt) =>
      untilDone(() => tick(channels, channel, show, attempt), endOf(parts, channel)),
  })
  return {
    ...jobs,
    [HANDS_IN]: (payload, { job }) => handIn(parts, payload as Kept, job.id),
    prune: async () => {
      log.info(await prune(pool, channels.clock), 'pruned')
    },
  }
}

/** Hands an intent in. One timer hands in once, however often it is tried; set again after it ran it is another one. */
async function handIn(parts: RunnerParts, { channel, key, intent }: Kept, timer: string): Promise<void> {
  const { channels } = parts
  const end = endOf(parts, channel)
  const own = `${key}#${timer}`
  const submit = async () => void (await channels.submit(channel, own, intent))
  switch (intent.kind) {
    case 'trigger.run':
      return untilDone(async () => void (await timed(channels, channel, own, intent)), end, MOST_TRIES)
    case 'game.tick':
      return untilDone(submit, end).catch(async (fault: unknown) => {
        if (!(fault instanceof IntentBug)) throw fault
        // A round always ends: one that cannot go on gives every stake back.
        await channels.submit(channel, `${own}/off`, { kind: 'game.callOff', round: intent.round, by: 'the server' })
      })
    default:
      return untilDone(submit, end)
  }
}

const RETRY_MS = 300
/** After so many tries at once a trigger waits, so that one that cannot be run keeps no other one waiting. */
const MOST_TRIES = 30

/** When work for a channel is not tried again. */
interface End {
  readonly stopped: () => boolean
  /** Whether the channel was deleted: what was to come for it comes to nothing. */
  readonly gone: () => Promise<boolean>
}

const endOf = ({ channels, stopped }: RunnerParts, channel: number): End => ({
  stopped,
  // Where the database is away nothing is known to be gone.
  gone: () =>
    channels.head(channel).then(
      (head) => head === undefined,
      () => false,
    ),
})

/** Tries again until it works: left to itself the queue would wait longer after each failure, and people are waiting. */
async function untilDone(work: () => Promise<void>, end: End, most = Number.POSITIVE_INFINITY): Promise<void> {
  for (let tries = 1; ; tries++) {
    try {
      return await work()
    } catch (fault) {
      if (await end.gone()) return
      // What failed by a bug fails again: the queue tries it later, and nothing else waits for it.
      if (end.stopped() || tries >= most || fault instanceof IntentBug) throw fault
      await new Promise((later) => setTimeout(later, RETRY_MS))
    }
  }
}
