import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { GiftRules, giftSetting } from '#core/people'
import { closed, exactly, Nothing } from '#core/schema'
import { zoneSetting } from '#core/settings'
import { ChatWords, wordsSetting } from '#core/words'
import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import { desk, hand, type Route, route } from '../http/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { buttonRoutes } from './buttonRoutes.ts'
import { ownCommandRoutes } from './ownRoutes.ts'
import { publicCommandRoutes } from './publicRoutes.ts'
import { rewardRoutes } from './store/routes.ts'

/** The channel's commands, its currency and the words of chat, as the desk sets them. */
export function commandRoutes(db: Reader, channels: Channels, chat: (channel: number) => Promise<ChatState>): Route[] {
  return [
    ...ownCommandRoutes(db, channels, chat),
    ...buttonRoutes(db, channels, chat),
    ...publicCommandRoutes(db, channels),
    ...wordRoutes(db, channels),
    ...rewardRoutes(db, channels, chat),
  ]
}

function wordRoutes(db: Reader, channels: Channels): Route[] {
  return [
    wordsRoute(db),
    changeWordsRoute(channels),
    route({
      method: 'put',
      path: '/desk/currency',
      does: 'Rename the currency, its words and its reply',
      answer: Nothing,
      allowed: desk('change', 'commands'),
      body: Currency,
      handle: (call) => hand(channels, call, { kind: 'currency.change', currency: call.body }),
    }),
    route({
      method: 'put',
      path: '/desk/handing',
      does: 'Let viewers pass currency on, or not',
      answer: Nothing,
      allowed: desk('change', 'commands'),
      body: GiftRules,
      handle: (call) => hand(channels, call, { kind: 'people.handing', handing: call.body }),
    }),
    route({
      method: 'put',
      path: '/desk/zone',
      does: 'Set the channel’s time zone',
      answer: exactly({ timeZone: Type.String() }),
      allowed: desk('change', 'commands'),
      body: Type.Object({ timeZone: Type.String({ minLength: 1, maxLength: 60 }) }, closed),
      handle: (call) => hand(channels, call, { kind: 'channel.zone', timeZone: call.body.timeZone }),
    }),
  ]
}

const wordsRoute = (db: Reader): Route =>
  route({
    method: 'get',
    path: '/desk/words',
    does: 'The currency, the words of chat, gifts, and the time zone',
    answer: exactly({ currency: Currency, words: ChatWords, handing: GiftRules, zone: Type.String() }),
    allowed: desk('look', 'commands'),
    handle: async ({ channel }) => ({
      currency: await currencyOf(db, channel.id),
      words: await settingOf(db, channel.id, wordsSetting),
      handing: await settingOf(db, channel.id, giftSetting),
      zone: (await settingOf(db, channel.id, zoneSetting)).timeZone,
    }),
  })

const changeWordsRoute = (channels: Channels): Route =>
  route({
    method: 'put',
    path: '/desk/words',
    does: 'Change the words of chat',
    answer: Nothing,
    allowed: desk('change', 'commands'),
    body: ChatWords,
    handle: (call) => hand(channels, call, { kind: 'chat.words', words: call.body }),
  })
