import { createHash, randomBytes } from 'node:crypto'
import { type Rights, storedRights } from '#core/team'
import { readStored } from '#core/world'
import { faultIn } from '../checked.ts'
import type { Pool } from '../database/index.ts'

/** How a token looks, so that one is found where it must not stand. */
export const TOKEN_IN_TEXT = /ricompensa_[A-Za-z0-9_-]{43}/

export const newToken = (): string => `ricompensa_${randomBytes(32).toString('base64url')}`

export const hashOfToken = (token: string): string => createHash('sha256').update(token).digest('hex')

interface Found {
  readonly id: number
  readonly name: string
  readonly rights: Rights
}

/** A channel's token by its hash, while it is good. */
export async function tokenBy(pool: Pool, channel: number, hash: string, now: number): Promise<Found | undefined> {
  const found = await pool.query<{ id: string; name: string; rights: unknown }>({
    name: 'token',
    text: 'select id, name, rights from token where channel = $1 and hash = $2 and gone_at is null and (until is null or until > $3)',
    values: [channel, hash, now],
  })
  const [row] = found.rows
  return row && { id: Number(row.id), name: row.name, rights: readStored(storedRights, row.rights, faultIn).value }
}

/** Whether what reads a feed under a token's name may go on. */
export async function goodStill(pool: Pool, channel: number, account: string, now: number): Promise<boolean> {
  const text =
    'select 1 from token where channel = $1 and id = $2 and gone_at is null and (until is null or until > $3)'
  const id = Number(/^token:(\d+)$/.exec(account)?.[1] ?? 0)
  return (await pool.query(text, [channel, id, now])).rowCount === 1
}

/** How exactly it is known when a token was used: not every call is worth a write. */
const STEP_SECONDS = 600

/** Notes that a token was used. */
export async function noteTokenUse(pool: Pool, channel: number, token: number, now: number): Promise<void> {
  const text = `insert into token_use (channel, token, used_at) values ($1, $2, $3)
    on conflict (channel, token) do update set used_at = excluded.used_at where token_use.used_at < $4`
  await pool.query({ name: 'use token', text, values: [channel, token, now, now - STEP_SECONDS] })
}
