import { createHash, randomBytes } from 'node:crypto'
import type { Context } from 'hono'
import { deleteCookie, getCookie, setCookie } from 'hono/cookie'
import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'
import type { Caller } from '../http/index.ts'

/** The desk and the viewer pages are signed in to apart: a viewer's cookie opens no desk. */
export type Scope = 'desk' | 'viewer'

/** A session ends so long after it began, however much it is used, and so long after it was last used (seconds). */
const LIFE_SECONDS = 60 * 86_400
const IDLE_SECONDS = 14 * 86_400
/** How exactly it is known when a session was last used: not every request is worth a write. */
const SEEN_STEP_SECONDS = 600

const cookieName = (scope: Scope) => `ricompensa_${scope}`
const hashOf = (id: string) => createHash('sha256').update(id).digest('hex')

/** Sessions kept in PostgreSQL, each known to the browser by an httpOnly cookie. */
export class Sessions {
  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
    readonly secure: boolean,
  ) {}

  /** Begins a session under a new id; the one that the browser had ends with it. */
  async begin(c: Context, scope: Scope, caller: Caller): Promise<void> {
    await this.#forget(c, scope)
    const id = randomBytes(32).toString('base64url')
    const now = this.clock()
    const text = `insert into session (id_hash, scope, account, name, created_at, expires_at, seen_at)
      values ($1, $2, $3, $4, $5, $6, $5)`
    await this.pool.query(text, [hashOf(id), scope, caller.account, caller.name, now, now + LIFE_SECONDS])
    await this.pool.query('delete from session where expires_at < $1 or seen_at < $2', [now, now - IDLE_SECONDS])
    const options = { httpOnly: true, sameSite: 'Lax', secure: this.secure, path: '/', maxAge: LIFE_SECONDS } as const
    setCookie(c, cookieName(scope), id, options)
  }

  async find(c: Context, scope: Scope): Promise<Caller | undefined> {
    const id = getCookie(c, cookieName(scope))
    if (id === undefined) return undefined
    const now = this.clock()
    const text = `select account, name, seen_at from session
      where id_hash = $1 and scope = $2 and expires_at > $3 and seen_at > $4`
    const found = await this.pool.query({ name: 'session', text, values: [hashOf(id), scope, now, now - IDLE_SECONDS] })
    const row = found.rows[0] as (Caller & { seen_at: number }) | undefined
    if (row === undefined) return undefined
    if (row.seen_at < now - SEEN_STEP_SECONDS)
      await this.pool.query('update session set seen_at = $2 where id_hash = $1', [hashOf(id), now])
    return { account: row.account, name: row.name }
  }

  async end(c: Context, scope: Scope): Promise<void> {
    await this.#forget(c, scope)
    deleteCookie(c, cookieName(scope), { path: '/' })
  }

  /** Ends every session of whoever is signed in here, on all their devices. @returns how many there were. */
  async endEverywhere(c: Context, scope: Scope): Promise<number> {
    const caller = await this.find(c, scope)
    deleteCookie(c, cookieName(scope), { path: '/' })
    if (caller === undefined) return 0
    const text = 'delete from session where scope = $1 and account = $2'
    return (await this.pool.query(text, [scope, caller.account])).rowCount ?? 0
  }

  async #forget(c: Context, scope: Scope): Promise<void> {
    const id = getCookie(c, cookieName(scope))
    if (id !== undefined) await this.pool.query('delete from session where id_hash = $1', [hashOf(id)])
  }
}
