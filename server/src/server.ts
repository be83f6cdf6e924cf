import { createAdaptorServer, type ServerType } from '@hono/node-server'
import type { Logger } from 'pino'
import { settleChannels } from './channel/index.ts'
import { Channels } from './channels.ts'
import { ConnectionManager, placeOf, SeatTable, WantedRooms } from './chat/index.ts'

import { type Clock, systemClock } from './clock.ts'
import { followUp } from './commands/index.ts'
import type { Config } from './config.ts'
import { connect, connectWriter, migrateUp, reader } from './database/index.ts'
import { createApp, Front } from './edge/index.ts'
import { EventReceiver, EventSecrets } from './events/index.ts'
import { CAPS, Feed, LiveFeeds, natsBus, noticeBus } from './feed/index.ts'
import type { Route } from './http/index.ts'
import { issuersOf } from './issuers.ts'
import { Metrics } from './metrics/index.ts'
import { newClaimCode } from './opening/index.ts'
import { ownRoom } from './rooms/index.ts'
import { installationRoutes, routesOf } from './routes.ts'

import { noteRunTime } from './runs/index.ts'

import { settleKeys } from './sealing/index.ts'
import { SecurityLog } from './security/index.ts'
import { Provider } from './sign-in/index.ts'
import { migrateTimers, startTimers } from './timers/index.ts'
import { reportRedemption } from './triggers/index.ts'
import { deliver } from './webhooks/index.ts'
import type { IntentBug } from './writer/index.ts'

export interface RunningServer {
  readonly channels: Channels
  readonly routes: readonly Route[]
  /** What claims the channel of a fresh installation; undefined where there is one. */
  readonly claimCode: string | undefined
  /** Stops taking requests, answers what is in flight, and lets go of the database. */
  readonly stop: () => Promise<void>
}

/** The parts of the server that others are made from. */
async function makeParts(config: Config, log: Logger, clock: Clock) {
  const pool = connect(config.DATABASE_URL, 20)
  await migrateUp(pool, config.MIGRATIONS_FOLDER)
  await settleKeys(pool)
  await migrateTimers(pool, log)
  const perAddress = Number(config.FEEDS_PER_ADDRESS)
  const bus = config.BUS === '' ? noticeBus(pool) : natsBus(config.BUS)
  const feed = new Feed(pool, config.DATABASE_URL, new LiveFeeds({ ...CAPS, perAddress }), bus)
  await feed.start()
  const writerPool = connectWriter(config.DATABASE_URL)
  const metrics = new Metrics()
  const failed = (bug: IntentBug, kind: string) => log.error({ err: bug.cause, bug: bug.id, kind }, 'an intent failed')
  const channels = new Channels(pool, writerPool, feed, clock, metrics, failed)
  const seats = new SeatTable(pool, clock)
  const security = new SecurityLog(pool, clock, log)
  const secrets = new EventSecrets(pool, clock)
  const issuers = await issuersOf(config, pool)
  const db = reader(pool)
  const wanted = new WantedRooms(config, channels, db, issuers.chat)
  const door = new EventReceiver(channels, secrets, async (channel) => (await wanted.issuersIn(channel))[0])
  feed.onChannel = (channel) => channels.forget(channel)
  channels.presenceKnownUntil = (channel) => seats.knownUntil(channel)
  return {
    ...{ config, log, pool, writerPool, feed, metrics, channels, db, wanted, seats, security, secrets, door, issuers },
    provider: new Provider(config, pool, clock, issuers),
    deliveries: { channels, publicUrl: config.PUBLIC_URL, inside: config.WEBHOOKS_INSIDE === 'yes' },
    front: new Front(Number(config.TRUSTED_PROXIES), perAddress),
  }
}

type Parts = Awaited<ReturnType<typeof makeParts>>

function chatOf({ config, channels, seats, wanted, db, log }: Parts): ConnectionManager {
  return new ConnectionManager({
    ...{ channels, wanted, db, log },
    table: seats,
    linesPer10s: Number(config.CHAT_LINES_PER_10S),
    answered: (line, result, ms) => {
      noteRunTime(channels, line.channel, result, ms)
      return followUp(db, channels, line, result)
    },
  })
}

/** Starts the server: database up to date, feed, timers, chat, HTTP. Resolves when it answers. */
export async function startServer(config: Config, log: Logger, clock: Clock = systemClock): Promise<RunningServer> {
  const parts = await makeParts(config, log, clock)
  const { pool, channels, wanted } = parts
  const chat = chatOf(parts)
  parts.feed.onRooms = () => void chat.look()
  const routes = routesOf(parts)
  const begin = async (slug: string | null = null) => {
    await settleChannels(channels, config.PUBLIC_URL, parts.issuers.chat, slug)
    const own = await wanted.operatorsRoom()
    if (own !== undefined) await ownRoom(pool, own.channel, placeOf(own))
    await chat.start()
  }
  let accepting = false
  const installation = installationRoutes(parts, (slug) =>
    begin(slug).catch((err: unknown) => log.error({ err }, 'the channel could not be begun with')),
  )
  const app = createApp({ ...parts, routes, installation, accepting: () => accepting })
  const http = await listen(config, app.fetch, parts.front)
  // Before the timers: a payment due now must know that nobody has looked round the room yet.
  await begin()
  const timers = await startTimers(pool, config.DATABASE_URL, channels, log, {
    report: (answer) => reportRedemption(pool, config.PLATFORM_ANSWERS_URL, config.PUBLIC_URL, answer),
    deliver: (told, attempt) => deliver(parts.deliveries, told, attempt),
  })
  const claimCode = await newClaimCode(pool, clock())
  accepting = true
  log.info({ address: config.PUBLIC_URL }, 'ready')
  let stopped: Promise<void> | undefined
  const stop = () => {
    accepting = false
    stopped ??= chat
      .stop()
      .then(() => timers.stop())
      .then(() => closeHttp(http))
      .then(() => letGo(parts))
    return stopped
  }
  return { channels, routes, claimCode, stop }
}

/** Writes what waits, and lets go of the database. */
async function letGo({ channels, security, door, feed, pool, writerPool }: Parts): Promise<void> {
  await channels.drained()
  await security.flush()
  await door.refusals.flush()
  await feed.stop()
  await Promise.all([pool.end(), writerPool.end()])
}

/** How long a request may take to arrive: who sends a letter a minute must not hold a connection for ever (milliseconds). */
const HEADERS_MS = 15_000
const REQUEST_MS = 120_000
const MOST_HEADER_BYTES = 16_384
/** Longer than proxies and browsers keep an idle connection, so that none of them sends into one that is just being closed. */
const IDLE_MS = 75_000
/** Connections that wait to be taken up: one address that opens thousands at once must not have the others' refused. */
const MOST_ARRIVING = 4096

function listen(
  config: Config,
  fetch: Parameters<typeof createAdaptorServer>[0]['fetch'],
  { serverBehind }: Front,
): Promise<ServerType> {
  return new Promise((ready, failed) => {
    const serverOptions = {
      headersTimeout: HEADERS_MS,
      requestTimeout: REQUEST_MS,
      keepAliveTimeout: IDLE_MS,
      maxHeaderSize: MOST_HEADER_BYTES,
    }
    const createServer = serverBehind as typeof import('node:http').createServer
    const server = createAdaptorServer({ fetch, createServer, serverOptions })
    server.on('error', failed)
    server.listen({ port: Number(config.PORT), host: config.HOST, backlog: MOST_ARRIVING }, () => ready(server))
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
