import { Type } from '@sinclair/typebox'
import { closed, exactly, orNull } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { desk, hand, type Route, route } from '../http/index.ts'
import { openShowOf } from '../show/index.ts'
import { payEveryone } from './pay.ts'

/** Marks the show as showing somebody else's channel: it stands with earning, because a pause must pay first. */
export function guestRoute(db: Reader, channels: Channels): Route {
  return route({
    method: 'put',
    path: '/desk/show/guest',
    does: 'Show somebody else’s channel, with earning going on or paused; or one’s own again',
    answer: exactly({ paused: Type.Boolean() }),
    allowed: desk('act', 'show'),
    body: Type.Object(
      {
        guest: orNull(Type.String({ minLength: 1, maxLength: 60 })),
        earning: Type.Union([Type.Literal('going'), Type.Literal('paused')]),
      },
      closed,
    ),
    handle: async ({ channel, key, header, body }) => {
      const show = await openShowOf(db, channel.id)
      // A pause ends or begins now: what was watched before it is paid first.
      if (show !== undefined) await payEveryone(channels, channel.id, show.id)
      return hand(channels, { channel, key, header }, { kind: 'show.guest', ...body })
    },
  })
}
