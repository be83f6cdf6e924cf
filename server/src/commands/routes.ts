import { Type } from '@sinclair/typebox'
import { ChatWords, wordsSetting } from '#core/commands'
import { Currency } from '#core/currency'
import { handingSetting } from '#core/people'
import { closed } from '#core/schema'
import { zoneSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import { answered, type Route, route } from '../http/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { ownCommandRoutes } from './ownRoutes.ts'
import { publicCommandRoutes } from './publicRoutes.ts'
import { rewardRoutes } from './store/routes.ts'

const Handing = Type.Object(
  {
    on: Type.Boolean(),
    perDay: Type.Integer({ minimum: 1, maximum: 1_000_000_000 }),
    reply: Type.String({ maxLength: 300 }),
  },
  closed,
)

/** The channel's commands, its currency and the words of chat, as the desk sets them. */
export function commandRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [
    ...ownCommandRoutes(db, channels, chat),
    ...publicCommandRoutes(db, channels),
    ...wordRoutes(db, channels),
    ...rewardRoutes(db, channels, chat),
  ]
}

function wordRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/desk/words',
      does: 'The currency, the words of chat, passing on, and the time zone',
      allowed: 'streamer',
      handle: async ({ channel }) => ({
        currency: await currencyOf(db, channel.id),
        words: await settingOf(db, channel.id, wordsSetting),
        handing: await settingOf(db, channel.id, handingSetting),
        zone: (await settingOf(db, channel.id, zoneSetting)).timeZone,
      }),
    }),
    route({
      method: 'put',
      path: '/desk/words',
      does: 'Change the words of chat',
      allowed: 'streamer',
      body: ChatWords,
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'chat.words', words: body })),
    }),
    route({
      method: 'put',
      path: '/desk/currency',
      does: 'Rename the currency, its words and its reply',
      allowed: 'streamer',
      body: Currency,
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'currency.change', currency: body })),
    }),
    route({
      method: 'put',
      path: '/desk/handing',
      does: 'Let viewers pass currency on, or not',
      allowed: 'streamer',
      body: Handing,
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'people.handing', handing: body })),
    }),
    route({
      method: 'put',
      path: '/desk/zone',
      does: 'Set the channel’s time zone',
      allowed: 'streamer',
      body: Type.Object({ timeZone: Type.String({ minLength: 1, maxLength: 60 }) }, closed),
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'channel.zone', timeZone: body.timeZone })),
    }),
  ]
}
