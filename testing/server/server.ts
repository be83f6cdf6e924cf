import { createHash, randomUUID } from 'node:crypto'
import { onTestFinished } from 'vitest'
import type { Intent } from '#core/engine'
import { readConfig } from '../../server/src/config.ts'
import type { Pool } from '../../server/src/database/index.ts'
import { createLog } from '../../server/src/log.ts'
import { startServer } from '../../server/src/server.ts'
import { NAMING, WHISTLE } from '../core/channel.ts'
import { addChannel, CURRENCY, PLAN, testDatabase } from './database.ts'
import { freePort } from './ports.ts'

/** The real server on a database, at a port of its own. The caller stops it. */
export async function startOn(url: string, environment: Record<string, string> = {}) {
  const port = await freePort()
  const web = `http://127.0.0.1:${port}`
  const config = readConfig({
    DATABASE_URL: url,
    PUBLIC_URL: web,
    PORT: String(port),
    OIDC_ISSUER: 'http://127.0.0.1:9',
    OIDC_CLIENT_ID: 'test',
    OIDC_CLIENT_SECRET: 'test',
    LOG_LEVEL: 'silent',
    CHAT_ACCOUNTS: 'sign-in',
    REQUESTS_PER_10S: '1000000',
    CHECK_ANSWERS: 'yes',
    CHAT_LINES_PER_10S: '1000000',
    FEEDS_PER_ADDRESS: '5000',
    ...environment,
  })
  return { web, server: await startServer(config, createLog(process.env.TEST_LOG ?? 'silent')) }
}

/** Puts a session there. @returns its cookie. */
export async function signedInAs(pool: Pool, scope: 'desk' | 'viewer', account: string): Promise<string> {
  const id = `${scope}-${account}`
  const hash = createHash('sha256').update(id).digest('hex')
  const text = `insert into session (id_hash, scope, account, name, created_at, expires_at, seen_at)
    values ($1, $2, $3, $3, extract(epoch from now())::bigint, 9999999999, 9999999999) on conflict do nothing`
  await pool.query(text, [hash, scope, account])
  return `ricompensa_${scope}=${id}`
}

type Answer = Record<string, never> & { code?: string; detail?: string }

/** The real server on a database of its own, with two channels: "bench" of wanda and "other" of other-owner. */
export async function testServer(environment: Record<string, string> = {}) {
  const { pool, url } = await testDatabase()
  const channel = await addChannel(pool)
  await addChannel(pool, 'other')
  const { web, server } = await startOn(url, environment)
  onTestFinished(() => server.stop())
  const submit = <I extends Intent>(key: string, intent: I) => server.channels.submit(channel, key, intent)
  await submit('setup', { kind: 'channel.setUp', currency: CURRENCY, plan: PLAN })
  await submit('r1', { kind: 'store.save', reward: null, settings: WHISTLE })
  await submit('r2', { kind: 'store.save', reward: null, settings: NAMING })
  const signedIn = (scope: 'desk' | 'viewer', account: string) => signedInAs(pool, scope, account)
  /** Somebody known to the channel who holds so much, without the ledger knowing why. */
  const richViewer = async (account: string, balance: number) => {
    await submit(`arrive-${account}`, { kind: 'presence.arrived', who: { account, name: account } })
    await pool.query('update account set balance = $2 where id = (select id from viewer where account = $1)', [
      account,
      balance,
    ])
    await pool.query('update channel set revision = revision + 1')
  }
  /** Calls the channel's API as whoever a cookie is of. */
  const call = async (cookie: string, method: string, path: string, body?: unknown): Promise<Answer> => {
    const headers = { cookie, 'idempotency-key': randomUUID(), 'content-type': 'application/json' }
    const init = { method, headers, ...(body !== undefined && { body: JSON.stringify(body) }) }
    return (await (await fetch(`${web}/api/channels/bench${path}`, init)).json()) as Answer
  }
  return { pool, url, channel, web, server, submit, signedIn, richViewer, call }
}
