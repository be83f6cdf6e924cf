import { Type } from '@sinclair/typebox'
import { CupRules, GAME_SETTINGS, GAMES, type Game, gameTextsSetting, Wagering, wageringSetting } from '#core/games'
import { closed, Id } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { answered, idOf, type Route, route } from '../http/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { gameSettingsOf, lastNumbers, latelyOf, openRounds } from './read.ts'

const desk = { allowed: 'streamer' } as const

/** The games as the desk sets them, and what it does with rounds that are on. */
export function deskGameRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      ...desk,
      method: 'get',
      path: '/desk/games',
      does: 'How every game is set, what is on, and what was staked and paid in 30 days',
      handle: async ({ channel }) => ({
        settings: await gameSettingsOf(db, channel.id),
        wagering: await settingOf(db, channel.id, wageringSetting),
        texts: (await settingOf(db, channel.id, gameTextsSetting)).texts,
        lately: await latelyOf(db, channel.id, channels.clock()),
        rounds: await openRounds(db, channel.id),
        last: await lastNumbers(db, channel.id),
        currency: await currencyOf(db, channel.id),
      }),
    }),
    route({
      ...desk,
      method: 'get',
      path: '/desk/rounds',
      does: 'The rounds that are on',
      handle: async ({ channel }) => ({ rounds: await openRounds(db, channel.id) }),
    }),
    ...GAMES.map((game) => changeRoute(channels, game)),
    route({
      ...desk,
      method: 'put',
      path: '/desk/wagering',
      does: 'Change what holds over all games',
      body: Wagering,
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'game.wagering', wagering: body })),
    }),
    route({
      ...desk,
      method: 'put',
      path: '/desk/game-texts',
      does: 'Change a text of the games, or go back to ours with none',
      body: Type.Object(
        {
          text: Type.String({ maxLength: 40 }),
          own: Type.Array(Type.String({ maxLength: 400 }), { maxItems: 20 }),
        },
        closed,
      ),
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'game.text', ...body })),
    }),
    ...roundActions(channels),
  ]
}

function changeRoute(channels: Channels, game: Game): Route {
  return route({
    ...desk,
    method: 'put',
    path: `/desk/games/${game}`,
    does: `Change how the game ${game} is played`,
    body: Type.Object({ settings: GAME_SETTINGS[game], confirmed: Type.Optional(Type.Boolean()) }, closed),
    handle: async ({ channel, key, body }) => {
      const { settings, confirmed = false } = body as { settings: never; confirmed?: boolean }
      return answered(await channels.submit(channel.id, key, { kind: 'game.change', game, settings, confirmed }))
    },
  })
}

function roundActions(channels: Channels): Route[] {
  const open = (['heist', 'roulette'] as const).map((game) =>
    route({
      ...desk,
      method: 'post',
      path: `/desk/games/${game}/open`,
      does: `Open the game ${game} for everybody`,
      handle: async ({ channel, key }) => answered(await channels.submit(channel.id, key, { kind: 'game.open', game })),
    }),
  )
  return [
    ...open,
    route({
      ...desk,
      method: 'post',
      path: '/desk/rounds/:round/call-off',
      does: 'Call a round off: all stakes go back',
      handle: async ({ channel, caller, key, param }) => {
        const intent = { kind: 'game.callOff', round: idOf(param('round')), by: caller.name } as const
        return answered(await channels.submit(channel.id, key, intent))
      },
    }),
    route({
      ...desk,
      method: 'post',
      path: '/desk/cups',
      does: 'Open a cup for signing up',
      body: CupRules,
      handle: async ({ channel, key, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'cup.open', rules: body })),
    }),
    route({
      ...desk,
      method: 'post',
      path: '/desk/cups/:round/change',
      does: 'Begin a cup, take somebody out of it, or give their place to another one',
      body: Type.Object(
        {
          does: Type.Union([Type.Literal('begin'), Type.Literal('out'), Type.Literal('replace')]),
          viewer: Type.Optional(Id),
          other: Type.Optional(Id),
        },
        closed,
      ),
      handle: async ({ channel, key, param, body }) =>
        answered(await channels.submit(channel.id, key, { kind: 'cup.change', round: idOf(param('round')), ...body })),
    }),
  ]
}
