import { execFileSync } from 'node:child_process'
import { cpSync, readFileSync } from 'node:fs'
import tls from 'node:tls'
import { OAuth2Server } from 'oauth2-mock-server'
import pg from 'pg'
import { expect, onTestFinished, test } from 'vitest'
import { startPostgres } from '../../machine/postgres.ts'
import { soon } from '../../testing/server/peers/started.ts'
import { freePort } from '../../testing/server/ports.ts'
import { commandsOf } from '../../testing/server/selfHosting/document.ts'
import { Machine } from '../../testing/server/selfHosting/machine.ts'
import { migrationsUpTo } from '../../testing/server/versions.ts'
import { visitor } from '../../testing/server/visitor.ts'
import { connect, migrateUp } from './database/index.ts'

const COMMANDS = commandsOf('docs/self-hosting.md')

/** Who signs people in; whoever asks is let in as the streamer. */
async function issuer(): Promise<string> {
  const server = new OAuth2Server()
  await server.issuer.keys.generate('RS256')
  await server.start(await freePort(), 'localhost')
  onTestFinished(() => server.stop())
  return server.issuer.url ?? ''
}

/** A PostgreSQL as Debian's package leaves it: its superuser is called postgres. */
async function freshDatabases(): Promise<number> {
  const port = await freePort()
  const postgres = startPostgres({ name: 'self-hosting', port, fresh: true, open: true, passing: true })
  onTestFinished(postgres.stop)
  await asSuperuser(port, 'create role postgres superuser login', 'ricompensa')
  await asSuperuser(port, 'alter role ricompensa rename to nobody_else')
  return port
}

async function asSuperuser(port: number, text: string, user = 'postgres', database = 'postgres'): Promise<unknown[]> {
  const client = new pg.Client({ host: '127.0.0.1', port, user, database })
  await client.connect()
  const { rows } = await client.query(text)
  await client.end()
  return rows
}

/** A fresh machine with what has been built. */
async function freshMachine() {
  const port = await freshDatabases()
  const ports = { web: await freePort(), plain: await freePort(), server: await freePort() }
  const machine = new Machine(ports, {
    PGHOST: '127.0.0.1',
    PGPORT: String(port),
    PGUSER: 'postgres',
    HOST: 'localhost',
    DB: `127.0.0.1:${port}`,
    ISSUER: await issuer(),
    CLIENT: 'ricompensa',
    SECRET: 'what-it-gave-you',
  })
  // `npm ci` is what these tests themselves began with.
  execFileSync('npm', ['run', '--silent', 'release'], { stdio: ['ignore', 'ignore', 'inherit'] })
  cpSync('release', machine.path('release'), { recursive: true })
  const read = (text: string) => asSuperuser(port, text, 'postgres', 'ricompensa')
  return { machine, port, read, address: `https://localhost:${ports.web}` }
}

/** Types what stands under a heading, from one of its blocks on. */
async function follow(machine: Machine, heading: string, from = 0): Promise<string> {
  const blocks = COMMANDS[heading]?.slice(from) ?? []
  expect([heading, blocks.length]).toEqual([heading, expect.toSatisfy((many: number) => many > 0)])
  const printed: string[] = []
  for (const block of blocks) printed.push(await machine.type(block))
  return printed.join('')
}

/** Has this test take the certificate that the document makes. Whether it is the right one is looked at where it is given. */
function trusting(): void {
  process.env.NODE_TLS_REJECT_UNAUTHORIZED = '0'
  onTestFinished(() => {
    delete process.env.NODE_TLS_REJECT_UNAUTHORIZED
  })
}

/** Waits until the service answers through the proxy. @throws with what it said last, if it does not. */
const answers = (machine: Machine, address: string) =>
  soon(async () => {
    const status = (await fetch(`${address}/readyz`).catch(() => undefined))?.status
    expect([status, status === 200 ? '' : machine.said()]).toEqual([200, ''])
  })

async function claim(address: string, printed: string) {
  const streamer = visitor()
  const { response } = await streamer.follow(`${address}/auth/desk/start?return=/claim`)
  expect(response.status).toBe(200)
  const body = {
    code: /enter: (\S+)/.exec(printed)?.[1],
    slug: 'workbench',
    name: 'The Evening Workbench',
    currency: { one: 'rivet', many: 'rivets', word: 'rivets' },
  }
  const headers = { 'content-type': 'application/json', origin: address, 'idempotency-key': 'claim-it-now' }
  const claimed = await streamer.visit(`${address}/api/claim`, { method: 'POST', headers, body: JSON.stringify(body) })
  expect([claimed.status, await claimed.text()]).toEqual([200, expect.stringContaining('workbench')])
  return streamer
}

test('what the document says makes an installation: from a fresh machine to a channel, a backup, and a new version', async () => {
  const { machine, port, read, address } = await freshMachine()
  trusting()
  await follow(machine, 'The machine')
  await follow(machine, 'The program', 1)
  await follow(machine, 'The database')
  await follow(machine, 'The settings', 1)
  await follow(machine, 'The service')
  await follow(machine, 'The proxy')
  await answers(machine, address)
  await certified(machine)
  const streamer = await claim(address, await follow(machine, 'The channel'))

  // The visitor's own address is seen behind the proxy, whatever they say of it, and a live page answers at once.
  await streamer.visit(`${address}/api/channels/workbench/desk/orders`, { headers: { 'x-forwarded-for': '9.9.9.9' } })
  await soon(async () =>
    expect(await read("select distinct address from security_event where kind = 'sign-in'")).toEqual([
      { address: '127.0.0.1' },
    ]),
  )
  const live = await streamer.visit(`${address}/api/channels/workbench/desk/feed?after=0`)
  const first = await live.body?.getReader().read()
  expect([live.status, first?.done]).toEqual([200, false])

  const role = await read(
    "select rolsuper, rolcreaterole, has_table_privilege('ricompensa', 'transfer', 'delete') as may from pg_roles where rolname = 'ricompensa'",
  )
  expect(role).toEqual([{ rolsuper: false, rolcreaterole: false, may: false }])

  const [backup = '', restore = ''] = COMMANDS['A backup'] ?? []
  await machine.type(backup)
  await read("update channel set name = 'Lost'")
  await machine.type(restore)
  await answers(machine, address)
  expect(await read('select name from channel')).toEqual([{ name: 'The Evening Workbench' }])

  await follow(machine, 'A new version')
  await answers(machine, address)
  expect((await streamer.visit(`${address}/api/channels/workbench/desk/orders`)).status).toBe(200)
  await upgradesFromBefore(machine, port, read, address)
})

/** The certificate is the one that was made, for this name. */
async function certified(machine: Machine) {
  const ca = readFileSync(machine.path('etc/ricompensa/certificate.pem'))
  const authorized = await new Promise((done, failed) => {
    const socket = tls.connect({ host: 'localhost', port: machine.ports.web, ca, ALPNProtocols: ['h2'] }, () => {
      done([socket.authorized, socket.alpnProtocol])
      socket.destroy()
    })
    socket.on('error', failed)
  })
  expect(authorized).toEqual([true, 'h2'])
}

/** A database that an older version made is brought up to date by the same lines. */
async function upgradesFromBefore(
  machine: Machine,
  port: number,
  read: (text: string) => Promise<unknown[]>,
  address: string,
) {
  await machine.type('sudo systemctl stop ricompensa')
  await asSuperuser(port, 'drop database ricompensa')
  await asSuperuser(port, 'create database ricompensa owner ricompensa_owner')
  const pool = connect(`postgres://ricompensa_owner:x@127.0.0.1:${port}/ricompensa`, 1)
  const { entries } = JSON.parse(readFileSync('server/migrations/meta/_journal.json', 'utf8')) as { entries: object[] }
  await migrateUp(pool, migrationsUpTo(entries.length - 2))
  await pool.query("insert into channel (slug, name, owner) values ('workbench', 'From before', 'johndoe')")
  await pool.end()
  await follow(machine, 'A new version')
  await answers(machine, address)
  expect(await read('select name from channel')).toEqual([{ name: 'From before' }])
}
