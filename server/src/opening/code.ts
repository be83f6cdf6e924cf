import { createHash, randomInt } from 'node:crypto'
import type { Pool } from '../database/index.ts'

/** Letters and digits that cannot be taken for one another when copied from a screen. */
const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789'
/** A code of the operator's is good for so long (seconds). */
const GOOD_SECONDS = 14 * 86_400
/** So many that are not used may be open. */
const MOST_OPEN = 200

export const hashOf = (code: string): string =>
  createHash('sha256')
    .update(code.toUpperCase().replace(/[^A-Z0-9]/g, ''))
    .digest('hex')

const newCode = (): string =>
  Array.from({ length: 4 }, () => Array.from({ length: 5 }, () => LETTERS[randomInt(LETTERS.length)]).join('')).join(
    '-',
  )

/**
 * The code that claims a fresh installation. Whoever can read what the server prints may own the channel; being the first
 * to open the page is not enough.
 * @returns The code, to be printed; undefined if there is a channel already. A new start makes a new code.
 */
export async function newClaimCode(pool: Pool, now: number): Promise<string | undefined> {
  if ((await pool.query('select 1 from channel limit 1')).rowCount === 1) return undefined
  const code = newCode()
  // One code holds at a time: what an earlier start printed may lie in a log by now.
  await pool.query(
    'with earlier as (delete from claim_code) insert into claim_code (hash, created_at) values ($1, $2)',
    [hashOf(code), now],
  )
  return code
}

/** A code by which somebody can open a channel. */
export interface OpeningCode {
  readonly id: number
  readonly whom: string
  readonly madeAt: number
  readonly expiresAt: number
  readonly usedAt: number | null
  /** The address of the channel that was opened with it. */
  readonly opened: string | null
}

/** The operator's codes: those that can be used, and the last that were. */
export async function openingCodes(pool: Pool, now: number): Promise<OpeningCode[]> {
  const text = `select id, whom, made_at as "madeAt", expires_at as "expiresAt", used_at as "usedAt", opened
    from opening_code where used_at is not null or expires_at > $1 order by id desc limit ${MOST_OPEN}`
  return (await pool.query<OpeningCode>(text, [now])).rows
}

/** Makes a code, which is told this once. @returns undefined if so many are open already. */
export async function makeOpeningCode(
  pool: Pool,
  now: number,
  whom: string,
): Promise<{ readonly code: string; readonly expiresAt: number } | undefined> {
  const code = newCode()
  const expiresAt = now + GOOD_SECONDS
  await pool.query('delete from opening_code where used_at is null and expires_at <= $1', [now])
  const text = `insert into opening_code (hash, whom, made_at, expires_at) select $1, $2, $3, $4
    where (select count(*) from opening_code where used_at is null) < ${MOST_OPEN}`
  const made = await pool.query(text, [hashOf(code), whom, now, expiresAt])
  return made.rowCount === 1 ? { code, expiresAt } : undefined
}

/** From now on nobody can use it. @returns Whether there was such a code, and it had not been used. */
export async function takeBackOpeningCode(pool: Pool, id: number): Promise<boolean> {
  return (await pool.query('delete from opening_code where id = $1 and used_at is null', [id])).rowCount === 1
}
