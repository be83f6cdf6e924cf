import { type ServerType, serve } from '@hono/node-server'
import type { Logger } from 'pino'
import { Channels } from './channels.ts'
import { ChatSeat, SeatTable } from './chat/index.ts'
import { newClaimCode } from './claim/index.ts'
import { type Clock, systemClock } from './clock.ts'
import { commandRoutes, followUp } from './commands/index.ts'
import type { Config } from './config.ts'
import { connectionRoutes } from './connections/index.ts'
import { connect, connectWriter, migrateUp, reader } from './database/index.ts'
import { earningRoutes } from './earning/index.ts'
import { createApp } from './edge/index.ts'
import { EventDoor, EventSecrets } from './events/index.ts'
import { fairnessRoutes, settleIn } from './fairness/index.ts'
import { Feed } from './feed/index.ts'
import { gameRoutes } from './games/index.ts'
import type { Route } from './http/index.ts'
import { libraryRoutes } from './library/index.ts'
import { Metrics } from './metrics/index.ts'
import { peopleRoutes } from './people/index.ts'
import { raffleRoutes } from './raffles/index.ts'
import { rankRoutes } from './ranks/index.ts'
import { noteRunTime } from './runs/index.ts'
import { screenRoutes } from './screen/index.ts'
import { showRoutes } from './show/index.ts'
import { storeRoutes } from './store/index.ts'
import { tallyRoutes } from './tallies/index.ts'
import { migrateTimers, startTimers } from './timers/index.ts'
import { reportRedemption, triggerRoutes } from './triggers/index.ts'

export interface RunningServer {
  readonly channels: Channels
  readonly routes: readonly Route[]
  /** What claims the channel of a fresh installation; undefined where there is one. */
  readonly claimCode: string | undefined
  /** Stops taking requests, answers what is in flight, and lets go of the database. */
  readonly stop: () => Promise<void>
}

/** Starts the server: database up to date, feed, timers, chat, HTTP. Resolves when it answers. */
export async function startServer(config: Config, log: Logger, clock: Clock = systemClock): Promise<RunningServer> {
  const pool = connect(config.DATABASE_URL, 20)
  await migrateUp(pool, config.MIGRATIONS_FOLDER)
  await migrateTimers(pool, log)
  const feed = new Feed(pool, config.DATABASE_URL)
  await feed.start()
  const writerPool = connectWriter(config.DATABASE_URL)
  const metrics = new Metrics()
  const channels = new Channels(pool, writerPool, feed, clock, metrics, config.PLANTED_FAULT === 'forget-answers')
  const db = reader(pool)
  const seats = new SeatTable(pool, clock)
  const chat = new ChatSeat(config, channels, seats, db, log, (channel, key, result, ms) => {
    noteRunTime(channels, channel, result, ms)
    return followUp(db, channels, channel, key, result)
  })
  const chatOf = (channel: number) => seats.stateOf(channel)
  const secrets = new EventSecrets(pool, clock)
  const door = new EventDoor(channels, secrets)
  const routes = [
    ...showRoutes(db, channels, chatOf),
    ...earningRoutes(db, channels),
    ...peopleRoutes(db, channels),
    ...storeRoutes(db, channels),
    ...screenRoutes(channels),
    ...libraryRoutes(db, channels),
    ...rankRoutes(db, channels),
    ...commandRoutes(db, channels, chatOf),
    ...triggerRoutes(db, channels),
    ...tallyRoutes(db, channels),
    ...gameRoutes(db, channels),
    ...raffleRoutes(db, channels, chatOf),
    ...fairnessRoutes(db),
    ...connectionRoutes({ db, channels, seats, secrets, door, publicUrl: config.PUBLIC_URL }),
  ]
  channels.presenceKnownUntil = (channel) => seats.knownUntil(channel)
  let accepting = true
  const begin = async () => {
    await settleIn(channels, config.PUBLIC_URL)
    await chat.start()
  }
  const onClaimed = () =>
    void begin().catch((err: unknown) => log.error({ err }, 'the channel could not be begun with'))
  const app = createApp({ config, channels, log, routes, metrics, door, onClaimed, accepting: () => accepting })
  const http = await listen(config, app.fetch)
  // Before the timers: a payment due now must know that nobody has looked round the room yet.
  await begin()
  const timers = await startTimers(pool, config.DATABASE_URL, channels, log, (answer) =>
    reportRedemption(pool, config.PLATFORM_ANSWERS_URL, config.PUBLIC_URL, answer),
  )
  if (config.PLANTED_FAULT !== '') log.warn('this server has a planted fault and must hold nothing of worth')
  log.info({ address: config.PUBLIC_URL }, 'ready')
  let stopped: Promise<void> | undefined
  const stopAll = async () => {
    accepting = false
    await chat.stop()
    await timers.stop()
    await closeHttp(http)
    await channels.drained()
    await feed.stop()
    await Promise.all([pool.end(), writerPool.end()])
  }
  const stop = () => {
    stopped ??= stopAll()
    return stopped
  }
  return { channels, routes, claimCode: await newClaimCode(pool, clock()), stop }
}

function listen(config: Config, fetch: Parameters<typeof serve>[0]['fetch']): Promise<ServerType> {
  return new Promise((ready, failed) => {
    const server = serve({ fetch, port: Number(config.PORT), hostname: config.HOST }, () => ready(server))
    server.on('error', failed)
  })
}

/** Live feeds never end by themselves, so after a moment for requests in flight their sockets are closed. */
function closeHttp(server: ServerType): Promise<void> {
  return new Promise((closed) => {
    server.close(() => closed())
    if ('closeIdleConnections' in server) server.closeIdleConnections()
    setTimeout(() => 'closeAllConnections' in server && server.closeAllConnections(), 300)
  })
}
