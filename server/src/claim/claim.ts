import { createHash, randomInt } from 'node:crypto'
import { type Static, Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { closed } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Pool } from '../database/index.ts'
import { onlyRow } from '../database/index.ts'
import { answered, type Caller, problem } from '../http/index.ts'
import { newSecret } from '../screen/index.ts'

/** Letters and digits that cannot be taken for one another when copied from a screen. */
const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789'
const hashOf = (code: string) =>
  createHash('sha256')
    .update(code.toUpperCase().replace(/[^A-Z0-9]/g, ''))
    .digest('hex')

/** A channel's word in addresses. */
export const SLUG = /^[a-z0-9][a-z0-9-]{1,39}$/

/** What is needed to make the installation's channel. */
export const Claim = Type.Object(
  {
    code: Type.String({ minLength: 1, maxLength: 60 }),
    slug: Type.String({ pattern: SLUG.source }),
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    currency: Currency,
  },
  closed,
)
export type Claim = Static<typeof Claim>

/** What watching pays until the streamer changes it. */
const FIRST_PLAN = { intervalSeconds: 300, base: 10, cap: null }

/**
 * The code that claims a fresh installation. Whoever can read what the server prints may own the channel; being the first
 * to open the page is not enough.
 * @returns The code, to be printed; undefined if there is a channel already. A new start makes a new code.
 */
export async function newClaimCode(pool: Pool, now: number): Promise<string | undefined> {
  if ((await pool.query('select 1 from channel limit 1')).rowCount === 1) return undefined
  const code = Array.from({ length: 4 }, () =>
    Array.from({ length: 5 }, () => LETTERS[randomInt(LETTERS.length)]).join(''),
  ).join('-')
  // One code holds at a time: what an earlier start printed may lie in a log by now.
  await pool.query(
    'with earlier as (delete from claim_code) insert into claim_code (hash, created_at) values ($1, $2)',
    [hashOf(code), now],
  )
  return code
}

/**
 * Makes the channel for whoever has the code, and gives it its currency, a first plan and a first overlay. The code is
 * used up.
 * @throws `claim_code_wrong`, `already_claimed`.
 */
export async function claimChannel(channels: Channels, caller: Caller, claim: Claim): Promise<{ channel: string }> {
  const { pool } = channels
  const client = await pool.connect()
  let id: number
  try {
    await client.query('begin')
    // One claim at a time: of two with the same code, one finds it used up.
    await client.query('lock table claim_code in exclusive mode')
    if ((await client.query('select 1 from channel limit 1')).rowCount === 1) throw problem('already_claimed')
    const known = await client.query('select 1 from claim_code where hash = $1', [hashOf(claim.code)])
    if (known.rowCount !== 1) throw problem('claim_code_wrong')
    const text = 'insert into channel (slug, name, owner) values ($1, $2, $3) returning id'
    const made = await client.query<{ id: number }>(text, [claim.slug, claim.name.trim(), caller.account])
    id = onlyRow(made).id
    await client.query('delete from claim_code')
    await client.query('commit')
  } catch (fault) {
    await client.query('rollback').catch(() => {})
    throw fault
  } finally {
    client.release()
  }
  const { currency } = claim
  answered(await channels.submit(id, 'claim', { kind: 'channel.setUp', currency, plan: FIRST_PLAN }))
  const overlay = { kind: 'screen.add', name: 'Main picture', secret: newSecret() } as const
  answered(await channels.submit(id, 'claim/overlay', overlay))
  return { channel: claim.slug }
}
