import { Type } from '@sinclair/typebox'
import { exactly, Nothing, orNull, UnixSeconds } from '#core/schema'
import { Rights } from '#core/team'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { desk, hand, idOf, problem, type Route, route } from '../http/index.ts'
import { MadeToken, Tokens } from './answers.ts'
import { tokensOf } from './read.ts'
import { hashOfToken, newToken } from './token.ts'

const TokenBody = exactly({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  rights: Rights,
  until: orNull(UnixSeconds),
})

/** What scripts and button boxes sign their calls with. */
export const tokenRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    method: 'get',
    path: '/desk/tokens',
    does: 'The tokens of scripts and button boxes',
    answer: Tokens,
    allowed: desk('look', 'team'),
    handle: async ({ channel }) => ({ tokens: await tokensOf(db, channel.id, channels.clock()) }),
  }),
  makeRoute(channels),
  route({
    method: 'post',
    path: '/desk/tokens/:id/revoke',
    does: 'Take a token out of use: what calls with it is refused at once',
    answer: Nothing,
    allowed: desk('change', 'team'),
    secret: true,
    handle: async (call) => {
      const id = idOf(call.param('id'))
      await hand(channels, call, { kind: 'team.revokeToken', token: id })
      await channels.feed.endAtDesk(call.channel.id, `token:${id}`)
      return {}
    },
  }),
]

const makeRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/tokens',
    does: 'Make a token: it is told once',
    answer: MadeToken,
    allowed: desk('change', 'team'),
    secret: true,
    fresh: true,
    body: TokenBody,
    handle: async (call) => {
      const secret = newToken()
      const hash = hashOfToken(secret)
      const made = await hand(channels, call, { kind: 'team.token', by: call.doer, hash, ...call.body })
      if (made.hash !== hash) throw problem('secret_lost')
      return { token: made.token, secret }
    },
  })
