import { Type } from '@sinclair/typebox'
import {
  CupRules,
  GAME_SETTINGS,
  GAMES,
  type Game,
  gameTextsSetting,
  OPENED_FOR_ALL,
  Wagering,
  wageringSetting,
} from '#core/games'
import { closed, exactly, Id, RoundId, ViewerId } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { desk, hand, idOf, type Route, route } from '../http/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { DeskGames, GameSaved, OpenRounds } from './answers.ts'
import { gameSettingsOf, lastNumbers, latelyOf, openRounds } from './read.ts'

/** The games as the desk sets them, and what it does with rounds that are on. */
export function deskGameRoutes(db: Reader, channels: Channels): Route[] {
  return [
    gamesRoute(db, channels),
    route({
      allowed: desk('look', 'games', 'show'),
      method: 'get',
      path: '/desk/rounds',
      does: 'The rounds that are on',
      answer: OpenRounds,
      handle: async ({ channel }) => ({ rounds: await openRounds(db, channel.id) }),
    }),
    ...GAMES.map((game) => changeRoute(channels, game)),
    route({
      allowed: desk('change', 'games'),
      method: 'put',
      path: '/desk/wagering',
      does: 'Change what holds over all games',
      answer: exactly({ wagering: Wagering }),
      body: Wagering,
      handle: (call) => hand(channels, call, { kind: 'game.wagering', wagering: call.body }),
    }),
    changeGameTextsRoute(channels),
    ...roundActions(channels),
  ]
}

const gamesRoute = (db: Reader, channels: Channels): Route =>
  route({
    allowed: desk('look', 'games'),
    method: 'get',
    path: '/desk/games',
    does: 'How every game is set, what is on, and what was staked and paid in 30 days',
    answer: DeskGames,
    handle: async ({ channel }) => ({
      settings: await gameSettingsOf(db, channel.id),
      wagering: await settingOf(db, channel.id, wageringSetting),
      texts: (await settingOf(db, channel.id, gameTextsSetting)).texts,
      lately: await latelyOf(db, channel.id, channels.clock()),
      rounds: await openRounds(db, channel.id),
      last: await lastNumbers(db, channel.id),
      currency: await currencyOf(db, channel.id),
    }),
  })

const changeGameTextsRoute = (channels: Channels): Route =>
  route({
    allowed: desk('change', 'games'),
    method: 'put',
    path: '/desk/game-texts',
    does: 'Change a text of the games, or go back to ours with none',
    answer: exactly({ text: Type.String(), own: Type.Array(Type.String()) }),
    body: Type.Object(
      {
        text: Type.String({ maxLength: 40 }),
        own: Type.Array(Type.String({ maxLength: 400 }), { maxItems: 20 }),
      },
      closed,
    ),
    handle: (call) => hand(channels, call, { kind: 'game.text', ...call.body }),
  })

function changeRoute(channels: Channels, game: Game): Route {
  return route({
    allowed: desk('change', 'games'),
    method: 'put',
    path: `/desk/games/${game}`,
    does: `Change how the game ${game} is played`,
    answer: GameSaved,
    body: Type.Object({ settings: GAME_SETTINGS[game], confirmed: Type.Optional(Type.Boolean()) }, closed),
    handle: async (call) => {
      const { settings, confirmed = false } = call.body
      return hand(channels, call, { kind: 'game.change', game, settings, confirmed })
    },
  })
}

function roundActions(channels: Channels): Route[] {
  const open = OPENED_FOR_ALL.map((game) =>
    route({
      allowed: desk('act', 'games'),
      method: 'post',
      path: `/desk/games/${game}/open`,
      does: `Open the game ${game} for everybody`,
      answer: exactly({ round: RoundId }),
      handle: (call) => hand(channels, call, { kind: 'game.open', game }),
    }),
  )
  return [
    ...open,
    route({
      allowed: desk('act', 'games'),
      method: 'post',
      path: '/desk/rounds/:round/call-off',
      does: 'Call a round off: all stakes go back',
      answer: exactly({ round: RoundId }),
      handle: async ({ channel, caller, key, header, param }) => {
        const intent = { kind: 'game.callOff', round: idOf(param('round')), by: caller.name } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      allowed: desk('act', 'games'),
      method: 'post',
      path: '/desk/cups',
      does: 'Open a cup for signing up',
      answer: exactly({ round: RoundId }),
      body: CupRules,
      handle: (call) => hand(channels, call, { kind: 'cup.open', rules: call.body }),
    }),
    cupsChangeRoute(channels),
  ]
}

const cupsChangeRoute = (channels: Channels): Route =>
  route({
    allowed: desk('act', 'games'),
    method: 'post',
    path: '/desk/cups/:round/change',
    does: 'Begin a cup, take somebody out of it, or give their place to another one',
    answer: exactly({ round: RoundId }),
    body: Type.Object(
      {
        does: Type.Union([Type.Literal('begin'), Type.Literal('out'), Type.Literal('replace')]),
        viewer: Type.Optional(ViewerId),
        other: Type.Optional(Id),
      },
      closed,
    ),
    handle: (call) => hand(channels, call, { kind: 'cup.change', round: idOf(call.param('round')), ...call.body }),
  })
