import { createHash, randomBytes } from 'node:crypto'
import type { Context } from 'hono'
import { deleteCookie, getCookie, setCookie } from 'hono/cookie'
import type { Clock } from '../clock.ts'
import type { Pool } from '../database/index.ts'
import type { Caller } from '../http/index.ts'

/** The desk and the viewer pages are signed in to apart: a viewer's cookie opens no desk. */
export type Scope = 'desk' | 'viewer'

const LIFE_SECONDS = 14 * 86_400

const cookieName = (scope: Scope) => `ricompensa_${scope}`
const hashOf = (id: string) => createHash('sha256').update(id).digest('hex')

/** Sessions kept in PostgreSQL, each known to the browser by an httpOnly cookie. */
export class Sessions {
  constructor(
    readonly pool: Pool,
    readonly clock: Clock,
    readonly secure: boolean,
  ) {}

  async begin(c: Context, scope: Scope, caller: Caller): Promise<void> {
    const id = randomBytes(32).toString('base64url')
    const now = this.clock()
    const text = `insert into session (id_hash, scope, account, name, created_at, expires_at) values ($1, $2, $3, $4, $5, $6)`
    await this.pool.query(text, [hashOf(id), scope, caller.account, caller.name, now, now + LIFE_SECONDS])
    await this.pool.query('delete from session where expires_at < $1', [now])
    const options = { httpOnly: true, sameSite: 'Lax', secure: this.secure, path: '/', maxAge: LIFE_SECONDS } as const
    setCookie(c, cookieName(scope), id, options)
  }

  async find(c: Context, scope: Scope): Promise<Caller | undefined> {
    const id = getCookie(c, cookieName(scope))
    if (id === undefined) return undefined
    const text = 'select account, name from session where id_hash = $1 and scope = $2 and expires_at > $3'
    const found = await this.pool.query({ name: 'session', text, values: [hashOf(id), scope, this.clock()] })
    return found.rows[0] as Caller | undefined
  }

  async end(c: Context, scope: Scope): Promise<void> {
    const id = getCookie(c, cookieName(scope))
    if (id !== undefined) await this.pool.query('delete from session where id_hash = $1', [hashOf(id)])
    deleteCookie(c, cookieName(scope), { path: '/' })
  }
}
