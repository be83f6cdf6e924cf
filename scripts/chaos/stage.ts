import type { ChildProcess } from 'node:child_process'
import { createHash } from 'node:crypto'
import { createServer, connect as dial, type Socket } from 'node:net'
import type pg from 'pg'
import { pino } from 'pino'
import { NO_LIMITS } from '#core/access'
import type { Intent } from '#core/engine'
import { gameSetting } from '#core/games'
import type { ChangeGame } from '#core/playing'
import { PLAIN_REWARD, type RewardSettings } from '#core/store'
import { systemClock } from '#server/clock.ts'
import { connect, connectWriter, migrateUp } from '#server/database/index.ts'
import { EventSecrets } from '#server/events/index.ts'
import { migrateTimers } from '#server/timers/index.ts'
import { ChannelWriter, envelope } from '#server/writer/index.ts'
import { type PrivatePostgres, startPostgres } from '../../machine/postgres.ts'
import { startIrc } from '../../standin/src/irc/server.ts'
import { ChatRoom } from '../../standin/src/room.ts'
import { freePort } from '../../testing/server/ports.ts'
import { startProcess, untilAnswers } from '../demo/processes.ts'

export const PEOPLE = 24
export const nameOf = (i: number): string => `viewer${i}`

/** Everything the storm plays on: PostgreSQL, a chat server behind a line that can be cut, and two servers. */
export interface Stage {
  readonly postgres: PrivatePostgres
  readonly pool: pg.Pool
  readonly channel: number
  readonly secret: string
  readonly room: ChatRoom
  readonly servers: readonly [Server, Server]
  readonly cutChat: () => void
  readonly close: () => Promise<void>
}

export interface Server {
  readonly address: string
  readonly start: () => Promise<void>
  readonly kill: () => void
  /** How often its process ended without having been killed. */
  readonly deaths: () => number
}

const REWARD: RewardSettings = {
  ...PLAIN_REWARD,
  word: 'whistle',
  name: 'Factory whistle',
  price: 3,
  kind: 'hand',
}

const SHED = { name: 'the gate', throughPpm: 700_000, multiplier: 130, through: 'Open.', caught: 'Shut.' }
const BASE = { on: true, limits: NO_LIMITS, stakes: { smallest: 1, largest: 0, share: 100 } }

/** Games that go by quickly, so that faults meet them in every state. */
const GAMES_ON: readonly ChangeGame[] = [
  {
    kind: 'game.change',
    game: 'heist',
    settings: {
      ...gameSetting('heist').initial,
      ...BASE,
      leastCrew: 1,
      gatherSeconds: 10,
      pauseSeconds: 3,
      sites: [{ name: 'Shed', fromCrew: 1, bonusPpm: 0, capPpm: 1, rooms: [SHED, SHED] }],
    },
  },
  {
    kind: 'game.change',
    game: 'duel',
    settings: { ...gameSetting('duel').initial, ...BASE, answerSeconds: 10, suspenseSeconds: 1 },
  },
  {
    kind: 'game.change',
    game: 'roulette',
    settings: { ...gameSetting('roulette').initial, ...BASE, betSeconds: 10, suspenseSeconds: 1 },
  },
  { kind: 'game.change', game: 'coin', settings: { ...gameSetting('coin').initial, ...BASE } },
]

export async function setStage(fault: string): Promise<Stage> {
  const postgres = startPostgres({ name: 'chaos', port: await freePort(), fresh: true })
  const pool = connect(postgres.url, 4)
  const channel = await makeChannel(pool, postgres.url)
  if (fault !== '') await plant(pool, fault)
  const { secret } = await new EventSecrets(pool, systemClock).add(channel, 'Chaos')
  const room = new ChatRoom('#chaos')
  const ircPort = await freePort()
  const irc = await startIrc(ircPort, room, () => false)
  const line = await cuttableLine(ircPort)
  const servers = [await serverOn(postgres.url, line.port), await serverOn(postgres.url, line.port)] as const
  await Promise.all(servers.map((server) => server.start()))
  const close = async () => {
    for (const server of servers) server.kill()
    line.close()
    await irc.close()
    await pool.end()
    postgres.stop()
  }
  return { postgres, pool, channel, secret, room, servers, cutChat: line.cut, close }
}

/** Faults that the checks must find, by name: they lie in the database, so that no server has to carry them. */
const FAULTS: Readonly<Record<string, string>> = {
  // An intent that is sent again is then decided again.
  'forget-answers': `create function forget_answer() returns trigger language plpgsql as $$ begin return null; end $$;
    create trigger forget_answer before insert on seen_intent for each row execute function forget_answer()`,
}

async function plant(pool: pg.Pool, fault: string): Promise<void> {
  const planted = FAULTS[fault]
  if (planted === undefined)
    throw new Error(`There is no fault ${fault}. There are: ${Object.keys(FAULTS).join(', ')}.`)
  await pool.query(planted)
}

async function makeChannel(pool: pg.Pool, url: string): Promise<number> {
  await migrateUp(pool, 'server/migrations')
  await migrateTimers(pool, pino({ level: 'silent' }))
  const made = await pool.query(
    "insert into channel (slug, name, owner) values ('chaos', 'Chaos', 'wanda') returning id",
  )
  const channel = made.rows[0].id as number
  const writerPool = connectWriter(url, 2)
  const writer = new ChannelWriter({ pool: writerPool, channel, onFacts: () => {} })
  const submit = <I extends Intent>(key: string, intent: I) =>
    writer.submit({ ...intent, ...envelope(key, systemClock()) })
  const currency = { one: 'rivet', many: 'rivets', word: 'rivets' }
  await submit('setup', {
    kind: 'channel.setUp',
    currency,
    plan: { intervalSeconds: 10, base: 100, cap: null, welcome: 500 },
  })
  await submit('reward', { kind: 'store.save', reward: null, settings: REWARD })
  await submit('seed', { kind: 'fairness.seed', seed: 'c4'.repeat(32), first: true })
  for (const intent of GAMES_ON) await submit(`on/${intent.game}`, intent)
  await submit('start', { kind: 'show.start', title: 'Chaos' })
  await writerPool.end()
  for (const [scope, account] of [['desk', 'wanda'], ...people().map((name) => ['viewer', name])] as const) {
    const text = 'insert into session values ($1, $2, $3, $3, $4, 9999999999, $4)'
    await pool.query(text, [
      createHash('sha256').update(`${scope}-${account}`).digest('hex'),
      scope,
      account,
      systemClock(),
    ])
  }
  return channel
}

export const people = (): string[] => Array.from({ length: PEOPLE }, (_, i) => nameOf(i))
export const cookieOf = (scope: 'desk' | 'viewer', account: string): string => `ricompensa_${scope}=${scope}-${account}`

async function serverOn(database: string, ircPort: number): Promise<Server> {
  const port = await freePort()
  const address = `http://127.0.0.1:${port}`
  let child: ChildProcess | undefined
  let deaths = 0
  const start = async () => {
    child = startProcess('dist/server.js', {
      DATABASE_URL: database,
      PUBLIC_URL: address,
      PORT: String(port),
      OIDC_ISSUER: 'http://127.0.0.1:9',
      OIDC_CLIENT_ID: 'chaos',
      OIDC_CLIENT_SECRET: 'chaos',
      CHAT_ADDRESS: `irc://127.0.0.1:${ircPort}/#chaos`,
      CHAT_ACCOUNTS: 'sign-in',
      REQUESTS_PER_10S: '1000000',
      CHAT_LINES_PER_10S: '1000000',
      LOG_LEVEL: 'silent',
    })
    child.on('exit', (_code, signal) => {
      if (signal !== 'SIGKILL') deaths++
    })
    // Not only alive: a fault that meets a server while it starts ends it, and another start is what helps.
    await untilAnswers(`${address}/readyz`, child, 'server', 20)
  }
  return { address, start, kill: () => void child?.kill('SIGKILL'), deaths: () => deaths }
}

/** A line to the chat server that can be cut, and is whole again at once. */
async function cuttableLine(target: number) {
  const port = await freePort()
  const open = new Set<Socket>()
  const server = createServer((near) => {
    const far = dial(target, '127.0.0.1')
    for (const [one, other] of [
      [near, far],
      [far, near],
    ] as const) {
      open.add(one)
      one.on('error', () => {})
      one.on('close', () => {
        open.delete(one)
        other.destroy()
      })
      one.pipe(other)
    }
  }).listen(port, '127.0.0.1')
  const cut = () => {
    for (const socket of open) socket.destroy()
  }
  const close = () => {
    cut()
    server.close()
  }
  return { port, cut, close }
}
