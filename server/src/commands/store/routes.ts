import { Type } from '@sinclair/typebox'
import { Count, closed, exactly, Nothing, RewardId, whole } from '#core/schema'
import { MOST_CODES_AT_ONCE, RewardSettings } from '#core/store'
import type { Channels } from '../../channels.ts'
import type { ChatState } from '../../chat/index.ts'
import type { Reader } from '../../database/index.ts'
import { desk, hand, idOf, type Route, route, savedRoutes, switchRoute } from '../../http/index.ts'
import { StoreView } from '../answers.ts'
import { storeView } from './view.ts'

/** A part of a file: a thousand lines of it. */
const FILE_PART_BYTES = 512 * 1024

const Ids = Type.Array(whole(1, Number.MAX_SAFE_INTEGER), { minItems: 1, maxItems: 500 })

/** What the store sells: making, changing, arranging, switching and archiving rewards, and their lists of codes. */
export function rewardRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/store',
      does: 'The store with its sales, and what tells what to charge',
      answer: StoreView,
      allowed: desk('look', 'store'),
      handle: async ({ channel }) => storeView(db, channel.id, channels.clock(), await chat(channel.id)),
    }),
    ...savedRoutes({
      area: 'store',
      path: 'rewards',
      what: 'a reward',
      body: RewardSettings,
      saved: exactly({ reward: RewardId, settings: RewardSettings }),
      save: (call, reward) => hand(channels, call, { kind: 'store.save', reward, settings: call.body }),
      remove: (call, reward) => hand(channels, call, { kind: 'store.archive', reward }),
      removing: 'archive',
    }),
    switchRoute({
      area: 'store',
      path: 'rewards',
      what: 'a reward',
      answer: exactly({ switched: Count, on: Type.Boolean() }),
      turn: (call, reward, on) => hand(channels, call, { kind: 'store.switch', rewards: [reward], on }),
    }),
    rewardsSwitchRoute(channels),
    arrangeRoute(channels),
    refillRoute(channels),
    codesRoute(channels),
  ]
}

const arrangeRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/rewards/arrange',
    does: 'Put the rewards in another order',
    answer: Nothing,
    allowed: desk('change', 'store'),
    body: Type.Object({ order: Ids }, closed),
    handle: (call) => hand(channels, call, { kind: 'store.arrange', order: call.body.order }),
  })

const rewardsSwitchRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/rewards/switch',
    does: 'Switch many rewards on or off in one go',
    answer: exactly({ switched: Count, on: Type.Boolean() }),
    allowed: desk('act', 'store'),
    body: Type.Object({ rewards: Ids, on: Type.Boolean() }, closed),
    handle: (call) => hand(channels, call, { kind: 'store.switch', ...call.body }),
  })

const refillRoute = (channels: Channels): Route =>
  route({
    method: 'post',
    path: '/desk/rewards/:id/refill',
    does: 'Put so many of a reward on the shelf again as its settings say',
    answer: exactly({ left: Count }),
    allowed: desk('act', 'store'),
    handle: (call) => hand(channels, call, { kind: 'store.refill', reward: idOf(call.param('id')) }),
  })

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
    answer: exactly({ added: Count, known: Count }),
    allowed: desk('change', 'store'),
    body: Type.Object({ codes }, closed),
    handle: async ({ channel, key, header, param, body }) => {
      const intent = { kind: 'store.codes', reward: idOf(param('id')), codes: body.codes } as const
      return hand(channels, { channel, key, header }, intent)
    },
  })
}
