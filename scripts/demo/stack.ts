import { createHash } from 'node:crypto'
import { connect as dial } from 'node:net'
import { and, eq, isNull } from 'drizzle-orm'
import { pino } from 'pino'
import { systemClock } from '#server/clock.ts'
import { connect, connectWriter, type Pool, reader, roleOf, schema } from '#server/database/index.ts'
import { EventSecrets } from '#server/events/index.ts'
import { layOutDatabase } from '#server/layOut.ts'
import { settleKeys } from '#server/sealing/index.ts'
import { startPostgres, stopLeftover } from '../../machine/postgres.ts'
import { HOST } from '../../standin/src/people.ts'
import { seedEmpty } from './empty.ts'
import { startProcess, stopProcess, untilAnswers } from './processes.ts'
import { seedDemo } from './seed.ts'

export interface Ports {
  readonly web: number
  readonly standin: number
  readonly irc: number
  readonly postgres: number
}

export interface StackOptions {
  readonly name: string
  readonly ports: Ports
  readonly fresh: boolean
  /** A channel with nothing in it, in place of months of shows. */
  readonly empty?: boolean
  readonly seed: number
  readonly paceMs: number
  /** See PostgreSQL's options. */
  readonly passing?: boolean
  /** Told how to stop what has been started so far, as soon as there is anything: whoever is told to stop need not wait for the rest. */
  readonly onBegun?: (stop: () => Promise<void>) => void
}

export interface Stack {
  readonly web: string
  readonly standin: string
  readonly chat: string
  readonly overlay: string
  readonly database: string
  readonly seeded: boolean
  readonly stop: () => Promise<void>
}

const COMMANDS = [
  '!rivets',
  '!rivets',
  '!get whistle',
  '!stamps',
  '!rummage',
  '!topstamps',
  '!bellows',
  '!get sparks',
  '!get next-repair the blue radio please',
  '!get name-it Sir Ticks-a-Lot',
]

interface Told {
  readonly web: string
  readonly overlay: string
  readonly eventSecret: string
}

const standinEnv = ({ ports, seed, paceMs }: StackOptions, { web, overlay, eventSecret }: Told) => ({
  STANDIN_PORT: String(ports.standin),
  STANDIN_IRC_PORT: String(ports.irc),
  STANDIN_REDIRECT_URI: `${web}/auth/callback`,
  STANDIN_SEED: String(seed),
  STANDIN_PACE_MS: String(paceMs),
  STANDIN_COMMANDS: COMMANDS.join('|'),
  STANDIN_ROOMS: '#workbench,#roof-garden',
  STANDIN_EVENTS_URL: `${web}/api/channels/workbench/events`,
  STANDIN_EVENTS_SECRET: eventSecret,
  STANDIN_SOURCE: `${web}/overlay/${overlay}`,
})

interface Around {
  readonly servers: string
  readonly web: string
  readonly standin: string
  readonly chat: string
  readonly port: number
}

const serverEnv = ({ servers, web, standin, chat, port }: Around) => ({
  DATABASE_URL: servers,
  PUBLIC_URL: web,
  PORT: String(port),
  OIDC_ISSUER: standin,
  OIDC_NAME: 'The stand-in',
  OIDC_CLIENT_ID: 'ricompensa',
  OIDC_CLIENT_SECRET: 'stand-in-only',
  CHAT_ADDRESS: chat,
  CHAT_ACCOUNTS: 'sign-in',
  // Everybody who plays along is at one address here.
  REQUESTS_PER_10S: '3000',
  CHECK_ANSWERS: 'yes',
  PLATFORM_ANSWERS_URL: `${standin}/api/redemptions`,
  PLATFORM_REWARDS_URL: `${standin}/api/rewards`,
  // Two channels, and somebody who runs the installation.
  CHANNELS: 'invited',
  OPERATORS: HOST.account,
  ROOMS_INSIDE: 'yes',
  // The stand-in takes webhooks, too.
  WEBHOOKS_INSIDE: 'yes',
  LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
})

/** Starts everything the demo is made of: PostgreSQL, stand-in and server, with demo data in a new database. */
export async function startStack(options: StackOptions): Promise<Stack> {
  const { name, ports, fresh, passing = false } = options
  stopLeftover(name, passing)
  for (const [what, port] of Object.entries(ports)) await refuseTakenPort(what, port)
  const postgres = startPostgres({ name, port: ports.postgres, fresh, passing })
  const stops: (() => void | Promise<void>)[] = [postgres.stop]
  const stop = async () => {
    for (const one of stops.splice(0).reverse()) await one()
  }
  options.onBegun?.(stop)
  try {
    const servers = serversUrl(postgres.url)
    const { overlay, eventSecret, seeded } = await prepareDatabase(
      postgres.url,
      servers,
      options.empty ? seedEmpty : seedDemo,
    )
    const web = `http://127.0.0.1:${ports.web}`
    const standin = `http://127.0.0.1:${ports.standin}`
    const chat = `irc://127.0.0.1:${ports.irc}/#workbench`
    const standinProcess = startProcess('dist/standin.js', standinEnv(options, { web, overlay, eventSecret }))
    stops.push(() => stopProcess(standinProcess))
    await untilAnswers(`${standin}/api/state`, standinProcess, 'stand-in')
    const server = startProcess('dist/server.js', serverEnv({ servers, web, standin, chat, port: ports.web }))
    stops.push(() => stopProcess(server))
    await untilAnswers(`${web}/healthz`, server, 'server')
    return { web, standin, chat, overlay: `${web}/overlay/${overlay}`, database: postgres.url, seeded, stop }
  } catch (fault) {
    await stop()
    throw fault
  }
}

function refuseTakenPort(what: string, port: number): Promise<void> {
  return new Promise((free, taken) => {
    const socket = dial(port, '127.0.0.1')
    socket.on('error', () => free())
    socket.on('connect', () => {
      socket.destroy()
      const name = `${what.toUpperCase()}_PORT`
      taken(
        new Error(
          `Port ${port} (${what}) is in use. Stop what uses it, or choose another: ${name}=${port + 1000} npm run demo`,
        ),
      )
    })
  })
}

/** The address that servers have, with a role and a password of their own, from which the owner's cannot be told. */
function serversUrl(owner: string): string {
  const url = new URL(owner)
  url.password = createHash('sha256').update(`servers ${url.password}`).digest('base64url')
  url.username = 'ricompensa_servers'
  return url.href
}

async function prepareDatabase(
  url: string,
  servers: string,
  seed: typeof seedDemo,
): Promise<{ overlay: string; eventSecret: string; seeded: boolean }> {
  const pool = connect(url, 4)
  const writerPool = connectWriter(url, 2)
  try {
    await emptyIfCutOff(pool)
    await layOutDatabase(pool, 'server/migrations', roleOf(servers), pino({ level: 'warn' }))
    await settleKeys(pool)
    const seeded = !(await seededBefore(pool))
    if (seeded) await seed(pool, writerPool, Math.floor(Date.now() / 1000))
    const [main] = await reader(pool)
      .select({ secret: schema.overlay.secret })
      .from(schema.overlay)
      .orderBy(schema.overlay.channel, schema.overlay.id)
      .limit(1)
    return { overlay: main?.secret ?? '', eventSecret: await standinSecret(pool), seeded }
  } finally {
    await Promise.all([pool.end(), writerPool.end()])
  }
}

/** The secret that the stand-in signs its events with; made with the demo's data. */
async function standinSecret(pool: Pool): Promise<string> {
  const { name, revokedAt, secret } = schema.eventSecret
  const [found] = await reader(pool)
    .select({ secret })
    .from(schema.eventSecret)
    .where(and(eq(name, 'Stand-in platform'), isNull(revokedAt)))
  if (found !== undefined) return found.secret
  const channel = (await pool.query('select id from channel order by id limit 1')).rows[0].id as number
  return (await new EventSecrets(pool, systemClock).add(channel, 'Stand-in platform')).secret
}

async function seededBefore(pool: Pool): Promise<boolean> {
  return (await pool.query("select 1 from setting where name = 'demo'")).rowCount !== 0
}

/** Demo data that were not filled in to the end are of no use, and nobody has seen them yet: they are begun anew. */
async function emptyIfCutOff(pool: Pool): Promise<void> {
  const made = await pool.query("select to_regclass('public.setting') is not null as made")
  if (!made.rows[0]?.made || (await seededBefore(pool))) return
  await pool.query('drop schema public cascade')
  await pool.query('create schema public')
  for (const own of ['drizzle', 'graphile_worker']) await pool.query(`drop schema if exists ${own} cascade`)
}
