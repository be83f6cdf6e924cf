import { Type } from '@sinclair/typebox'
import { closed } from '#core/schema'
import { MOST_CODES_AT_ONCE, RewardSettings } from '#core/store'
import type { Channels } from '../../channels.ts'
import type { ChatState } from '../../chat/index.ts'
import type { Reader } from '../../database/index.ts'
import { answered, idOf, type Route, route, savedRoutes } from '../../http/index.ts'
import { storeView } from './view.ts'

/** A part of a file: a thousand lines of it. */
const FILE_PART_BYTES = 512 * 1024

const Ids = Type.Array(Type.Integer({ minimum: 1, maximum: Number.MAX_SAFE_INTEGER }), { minItems: 1, maxItems: 500 })

/** What the store sells: making, changing, arranging, switching and archiving rewards, and their lists of codes. */
export function rewardRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/store',
      does: 'The store with its sales, and what tells what to charge',
      allowed: 'streamer',
      handle: async ({ channel }) => storeView(db, channel.id, channels.clock(), await chat(channel.id)),
    }),
    ...savedRoutes(channels, {
      path: 'rewards',
      what: 'a reward',
      body: RewardSettings,
      save: (reward, settings) => ({ kind: 'store.save', reward, settings }),
      turn: (reward, on) => ({ kind: 'store.switch', rewards: [reward], on }),
      remove: (reward) => ({ kind: 'store.archive', reward }),
      removing: 'archive',
    }),
    route({
      method: 'post',
      path: '/desk/rewards/switch',
      does: 'Switch many rewards on or off in one go',
      allowed: 'streamer',
      body: Type.Object({ rewards: Ids, on: Type.Boolean() }, closed),
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'store.switch', ...body })),
    }),
    route({
      method: 'post',
      path: '/desk/rewards/arrange',
      does: 'Put the rewards in another order',
      allowed: 'streamer',
      body: Type.Object({ order: Ids }, closed),
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'store.arrange', order: body.order })),
    }),
    codesRoute(channels),
  ]
}

function codesRoute(channels: Channels): Route {
  const codes = Type.Array(Type.String({ minLength: 1, maxLength: 200, pattern: '^\\S(.*\\S)?$' }), {
    minItems: 1,
    maxItems: MOST_CODES_AT_ONCE,
  })
  return route({
    method: 'post',
    path: '/desk/rewards/:id/codes',
    largest: FILE_PART_BYTES,
    does: 'Add codes to a reward’s list',
    allowed: 'streamer',
    body: Type.Object({ codes }, closed),
    handle: async ({ channel, key, param, body }) => {
      const intent = { kind: 'store.codes', reward: idOf(param('id')), codes: body.codes } as const
      return answered(await channels.submit(channel.id, key, intent))
    },
  })
}
