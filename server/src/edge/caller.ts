import type { Context } from 'hono'
import { refOf, TEST } from '#core/people'
import { AREA_NAMES, may, NO_RIGHTS, type Rights } from '#core/team'
import type { ChannelHead } from '../channels.ts'
import { type Allowed, type AtDesk, type Caller, problem } from '../http/index.ts'
import type { SecurityNote } from '../security/index.ts'
import { goodStill } from '../team/index.ts'
import { addressOf } from './address.ts'
import type { Env } from './env.ts'
import type { Edge } from './parts.ts'
import { type ByToken, tokenIn } from './tokenCaller.ts'

export const NOBODY: Caller = { account: '', name: '' }

/** Who calls, and what they may do at this channel's desk. */
export interface Known {
  readonly caller: Caller
  readonly owner: boolean
  readonly rights: Rights
}

/** A test viewer is one in their own channel alone, and only beside the desk of one who owns it still. */
async function isStaleTest(c: Context<Env>, edge: Edge, { id }: ChannelHead, { account }: Caller): Promise<boolean> {
  const ref = refOf(account)
  if (ref.issuer !== TEST) return false
  if (ref.account !== String(id)) return true
  const owner = await edge.sessions.find(c, 'desk')
  return owner === undefined || (await edge.channels.rightsAt(id, owner.account))?.owner !== true
}

const WITHOUT: Omit<Known, 'caller'> = { owner: false, rights: NO_RIGHTS }

/** Who calls. @throws unless they may: each refusal at a desk is noted. */
export async function callerOf(c: Context<Env>, edge: Edge, channel: ChannelHead, allowed: Allowed): Promise<Known> {
  const ofViewers = allowed === 'anyone' || allowed === 'viewer'
  const byToken = ofViewers ? undefined : await tokenIn(c, edge, channel)
  if (byToken !== undefined) return checked(c, edge, channel, allowed, byToken)
  const signedIn = await edge.sessions.find(c, ofViewers ? 'viewer' : 'desk')
  const caller = signedIn !== undefined && (await isStaleTest(c, edge, channel, signedIn)) ? undefined : signedIn
  if (allowed === 'anyone') return { caller: caller ?? NOBODY, ...WITHOUT }
  if (caller === undefined) throw problem('not_signed_in')
  if (ofViewers || allowed === 'signed in at the desk')
    return { caller, ...WITHOUT, owner: caller.account === channel.owner }
  const found = await edge.channels.rightsAt(channel.id, caller.account)
  if (found === undefined) {
    note(c, edge, channel, caller, 'refused', 'Somebody else’s desk')
    throw problem('not_allowed')
  }
  if (allowed === 'owner' && !found.owner) throw problem('owner_only')
  return checked(c, edge, channel, allowed, { caller, ...found })
}

/** Whoever is of the team, or calls by a token, if their rights go so far. */
function checked(c: Context<Env>, edge: Edge, channel: ChannelHead, allowed: Allowed, known: Known | ByToken): Known {
  if (typeof allowed !== 'object') {
    if (allowed === 'signed in at the desk') throw problem('not_signed_in')
    // A token is nobody's who owns the channel.
    if (allowed === 'owner' && !('owner' in known)) throw problem('owner_only')
    return { owner: false, ...known }
  }
  if (!allowed.areas.some((area) => may(known.rights, area, allowed.level))) {
    note(c, edge, channel, known.caller, 'refused', `May not ${allowed.level}: ${allowed.areas.join(', ')}`)
    throw problem('rights_missing', missingInWords(allowed))
  }
  return { owner: false, ...known }
}

const missingInWords = ({ areas: [area], level }: AtDesk): string =>
  `You may not ${level === 'look' ? 'see' : level === 'act' ? 'do' : 'change'} this (${AREA_NAMES[area].name}). Ask an owner of the channel.`

/** Whether a feed of the desk goes on: for who is signed in, their place and session; for a token, that it is good still. */
export async function mayStayAtDesk(
  { sessions, channels }: Edge,
  channel: ChannelHead,
  session: string | undefined,
  account: string,
): Promise<boolean> {
  if (session === undefined) return goodStill(channels.pool, channel.id, account, channels.clock())
  return (await channels.rightsAt(channel.id, account)) !== undefined && (await sessions.goesOn(session, 'desk'))
}

/** Notes in the security log what somebody did, or was refused. */
export function note(
  c: Context<Env>,
  { security, config }: Edge,
  { id }: ChannelHead,
  { account, name }: Caller,
  kind: SecurityNote['kind'],
  what: string,
): void {
  const from = addressOf(c, Number(config.TRUSTED_PROXIES))
  security.note({ channel: id, kind, account, name, from, what })
}
