import { Type } from '@sinclair/typebox'
import { MOST_OUTCOMES } from '#core/bets'
import { Amount, BetId, exactly, orNull, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { before, hand, idOf, type Route, route, whoOf } from '../http/index.ts'
import { BetsView } from './answers.ts'
import { betsFor } from './viewed.ts'

/** Bets as viewers see them, and betting. */
export const viewerBetRoutes = (db: Reader, channels: Channels): Route[] => [
  route({
    method: 'get',
    path: '/bets',
    does: 'The bets that are on, the last that ended, and what the caller has in them',
    answer: BetsView,
    asks: { before },
    allowed: 'anyone',
    handle: (call) => betsFor(db, channels, call),
  }),
  route({
    method: 'post',
    path: '/bets/:bet/lay',
    does: 'Bet on an outcome, add to it, or take all of it back (no outcome)',
    answer: exactly({ bet: BetId, staked: Amount, told: Type.String(), balance: Amount }),
    allowed: 'viewer',
    body: exactly({ outcome: orNull(whole(0, MOST_OUTCOMES - 1)), stake: Amount }),
    handle: ({ channel, caller, key, header, param, body }) => {
      const intent = { kind: 'bet.lay', who: whoOf(caller), bet: idOf(param('bet')), ...body } as const
      return hand(channels, { channel, key, header }, intent)
    },
  }),
]
