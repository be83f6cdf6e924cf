import { type Static, Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { closed } from '#core/schema'
import { isZone } from '#core/settings'
import type { Channels } from '../channels.ts'
import { type Client, onlyRow } from '../database/index.ts'
import { answered, type Caller, problem } from '../http/index.ts'
import { newSecret } from '../screen/index.ts'
import { hashOf } from './code.ts'

/** A channel's word in addresses. */
export const SLUG = /^[a-z0-9][a-z0-9-]{1,39}$/

/** Who may open a channel: one with the code that the server prints; who has a code of the operator's; anybody. */
export type Openings = 'claim' | 'invited' | 'open'

/** How channels are opened here. */
export interface OpeningRules {
  readonly who: Openings
  /** How many one account may have, where anybody may open one. */
  readonly each: number
}

/** What is needed to open a channel. */
export const Claim = Type.Object(
  {
    /** Where one is asked for. */
    code: Type.Optional(Type.String({ maxLength: 60 })),
    slug: Type.String({ pattern: SLUG.source }),
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    currency: Currency,
    timeZone: Type.Optional(Type.String({ maxLength: 60 })),
  },
  closed,
)
export type Claim = Static<typeof Claim>

/** What watching pays until the streamer changes it. */
const FIRST_PLAN = { intervalSeconds: 300, base: 10, cap: null }

/** Whether no channel has this address, or had it and is found there still. */
export async function isFree(client: Pick<Client, 'query'>, slug: string, but = 0): Promise<boolean> {
  const text = `select 1 from channel where slug = $1 and id <> $2
    union all select 1 from former_address where slug = $1 and channel <> $2`
  return (await client.query(text, [slug, but])).rowCount === 0
}

/**
 * Opens a channel for whoever has the code, or for anybody where that is how it is, and gives it its currency, a first plan and
 * a first overlay. The code is used up.
 * @throws `claim_code_wrong`, `already_claimed`, `channels_enough`, `address_taken`.
 */
export async function openChannel(
  channels: Channels,
  rules: OpeningRules,
  caller: Caller,
  claim: Claim,
): Promise<{ channel: string }> {
  const id = await makeRow(channels, rules, caller, claim)
  const { currency, timeZone } = claim
  const zone = timeZone !== undefined && isZone(timeZone) ? { timeZone } : {}
  answered(await channels.submit(id, 'claim', { kind: 'channel.setUp', currency, plan: FIRST_PLAN, ...zone }))
  const overlay = { kind: 'screen.add', name: 'Main picture', secret: newSecret() } as const
  answered(await channels.submit(id, 'claim/overlay', overlay))
  return { channel: claim.slug }
}

async function makeRow({ pool, clock }: Channels, rules: OpeningRules, caller: Caller, claim: Claim): Promise<number> {
  const client = await pool.connect()
  try {
    await client.query('begin')
    // One at a time: of two with the same code, or the same address, one finds it taken.
    await client.query('lock table claim_code in exclusive mode')
    await checkMay(client, rules, caller, claim, clock())
    if (!(await isFree(client, claim.slug))) throw problem('address_taken')
    const text = 'insert into channel (slug, name, owner, opened_at) values ($1, $2, $3, $4) returning id'
    const values = [claim.slug, claim.name.trim(), caller.account, clock()]
    const { id } = onlyRow(await client.query<{ id: number }>(text, values))
    await client.query('commit')
    return id
  } catch (fault) {
    await client.query('rollback').catch(() => {})
    throw fault
  } finally {
    client.release()
  }
}

/** Whether they may, as it is configured; the code that they have is used up. */
async function checkMay(
  client: Client,
  rules: OpeningRules,
  { account }: Caller,
  { code = '', slug }: Claim,
  now: number,
) {
  const first = (await client.query('select 1 from channel limit 1')).rowCount === 0
  // Whoever can read what the server prints may always open the first.
  if (first && (await client.query('delete from claim_code where hash = $1', [hashOf(code)])).rowCount === 1) return
  if (rules.who === 'claim') throw problem(first ? 'claim_code_wrong' : 'already_claimed')
  if (rules.who === 'open') {
    const own = await client.query<{ n: number }>('select count(*)::int as n from channel where owner = $1', [account])
    if (onlyRow(own).n >= rules.each) throw problem('channels_enough')
    return
  }
  const text = `update opening_code set used_at = $2, opened = $3 where hash = $1 and used_at is null and expires_at > $2`
  if ((await client.query(text, [hashOf(code), now, slug])).rowCount !== 1)
    throw problem(
      'claim_code_wrong',
      'This code is not good: it was used, taken back, or is too old. Ask who runs this installation for another.',
    )
}
