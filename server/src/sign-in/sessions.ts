import { createHash, randomBytes } from 'node:crypto'
import type { Context } from 'hono'
import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'
import type { Caller } from '../http/index.ts'
import { Cookies } from './cookies.ts'

/** The desk and the viewer pages are signed in to apart: a viewer's cookie opens no desk. */
export type Scope = 'desk' | 'viewer'

/** A session ends so long after it began, however much it is used, and so long after it was last used (seconds). */
const LIFE_SECONDS = 60 * 86_400
const IDLE_SECONDS = 14 * 86_400
/** How exactly it is known when a session was last used: not every request is worth a write. */
const SEEN_STEP_SECONDS = 600

const hashOf = (id: string) => createHash('sha256').update(id).digest('hex')

/** Ends sessions, and has every server close the feeds that were opened with them. */
const END = (where: string) => `with gone as (delete from session where ${where} returning id_hash)
  select pg_notify('ricompensa_ended', id_hash) from gone`

/** Sessions kept in PostgreSQL, each known to the browser by an httpOnly cookie. */
export class Sessions {
  readonly cookies: Cookies

  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
    secure: boolean,
  ) {
    this.cookies = new Cookies(secure)
  }

  /** Begins a session under a new id; the one that the browser had ends with it. @param life - How long it lasts at most (seconds). */
  async begin(c: Context, scope: Scope, caller: Caller, life = LIFE_SECONDS): Promise<void> {
    await this.#forget(c, scope)
    const id = randomBytes(32).toString('base64url')
    const now = this.clock()
    const text = `insert into session (id_hash, scope, account, name, created_at, expires_at, seen_at)
      values ($1, $2, $3, $4, $5, $6, $5)`
    await this.pool.query(text, [hashOf(id), scope, caller.account, caller.name, now, now + life])
    await this.pool.query(END('expires_at < $1 or seen_at < $2'), [now, now - IDLE_SECONDS])
    this.cookies.set(c, scope, id, life)
  }

  async find(c: Context, scope: Scope): Promise<Caller | undefined> {
    const id = this.cookies.get(c, scope)
    if (id === undefined) return undefined
    const now = this.clock()
    const row = await this.#row(hashOf(id), scope)
    if (row === undefined) return undefined
    if (row.seen_at < now - SEEN_STEP_SECONDS)
      await this.pool.query('update session set seen_at = $2 where id_hash = $1', [hashOf(id), now])
    return { account: row.account, name: row.name, session: hashOf(id), signedInAt: row.created_at }
  }

  /** Whether a session goes on still. @param session - Its hash. */
  async goesOn(session: string, scope: Scope): Promise<boolean> {
    return (await this.#row(session, scope)) !== undefined
  }

  async end(c: Context, scope: Scope): Promise<void> {
    await this.#forget(c, scope)
    this.cookies.delete(c, scope)
  }

  /** Ends every session of whoever is signed in here, on all their devices. @returns how many there were. */
  async endEverywhere(c: Context, scope: Scope): Promise<number> {
    const caller = await this.find(c, scope)
    this.cookies.delete(c, scope)
    if (caller === undefined) return 0
    return (await this.pool.query(END('scope = $1 and account = $2'), [scope, caller.account])).rowCount ?? 0
  }

  async #row(session: string, scope: Scope) {
    const now = this.clock()
    const text = `select account, name, seen_at, created_at from session
      where id_hash = $1 and scope = $2 and expires_at > $3 and seen_at > $4`
    const values = [session, scope, now, now - IDLE_SECONDS]
    const found = await this.pool.query<{ account: string; name: string; seen_at: number; created_at: number }>({
      name: 'session',
      text,
      values,
    })
    return found.rows[0]
  }

  async #forget(c: Context, scope: Scope): Promise<void> {
    const id = this.cookies.get(c, scope)
    if (id !== undefined) await this.pool.query(END('id_hash = $1'), [hashOf(id)])
  }
}
