import type { Context } from 'hono'
import type { Rights } from '#core/team'
import type { ChannelHead } from '../channels.ts'
import { type Caller, problem } from '../http/index.ts'
import { hashOfToken, noteTokenUse, TOKEN_IN_TEXT, tokenBy } from '../team/index.ts'
import type { Env } from './env.ts'
import type { Edge } from './parts.ts'

/** Who calls by a token, and what it may do. */
export interface ByToken {
  readonly caller: Caller
  readonly rights: Rights
}

/** The token that a call is signed with, if it is. @throws for one that is not good here, or no more. */
export async function tokenIn(c: Context<Env>, { channels }: Edge, channel: ChannelHead): Promise<ByToken | undefined> {
  const [, secret] = /^Bearer (\S+)$/.exec(c.req.header('authorization') ?? '') ?? []
  if (secret === undefined) return undefined
  const now = channels.clock()
  const found = await tokenBy(channels.pool, channel.id, hashOfToken(secret), now)
  if (found === undefined) throw problem('token_refused')
  await noteTokenUse(channels.pool, channel.id, found.id, now)
  return { caller: { account: accountOf(found.id), name: found.name }, rights: found.rights }
}

/** The name under which a token does things: nobody's account has a colon in it. */
export const accountOf = (token: number): string => `token:${token}`

/**
 * An address is kept in logs and in what browsers remember: a token in one is known from then on, so it is revoked.
 * @throws `token_in_address`
 */
export async function refuseTokenInAddress(c: Context<Env>, { channels }: Edge, channel: ChannelHead): Promise<void> {
  const [secret] = TOKEN_IN_TEXT.exec(c.req.url) ?? []
  if (secret === undefined) return
  const found = await tokenBy(channels.pool, channel.id, hashOfToken(secret), channels.clock())
  if (found !== undefined) {
    const intent = { kind: 'team.revokeToken', token: found.id } as const
    await channels.submit(channel.id, `leaked/${found.id}`, intent)
    await channels.feed.endAtDesk(channel.id, accountOf(found.id))
  }
  throw problem('token_in_address')
}
