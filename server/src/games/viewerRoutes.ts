import { Type } from '@sinclair/typebox'
import { type Act, Act as ActSchema, GAMES, wageringSetting } from '#core/games'
import { Amount, exactly, Id, orNull, RoundId } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { before, type Call, choice, hand, idOf, problem, type Route, route, text, whoOf } from '../http/index.ts'
import { viewerIdOf } from '../people/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { openShowOf } from '../show/index.ts'
import { GamesView, OwnGames, RoundHead, WholeRound } from './answers.ts'
import {
  endedRounds,
  gameSettingsOf,
  lastNumbers,
  openRounds,
  opponents,
  ownSeats,
  playerRowOf,
  roundOf,
} from './read.ts'

const OWN_SHOWN = 60

/** The games as viewers see them, playing, and the rounds with all that they can be checked by. */
export function viewerGameRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/games',
      does: 'The games: how they are played, what is on, and the last numbers of the wheel',
      answer: GamesView,
      allowed: 'anyone',
      handle: (call) => gamesFor(db, channels, call),
    }),
    route({
      method: 'post',
      path: '/games/play',
      does: 'Play: the same as in chat',
      answer: exactly({ balance: Amount, round: orNull(RoundId), told: Type.String() }),
      allowed: 'viewer',
      body: ActSchema,
      handle: (call) => hand(channels, call, { kind: 'game.play', who: whoOf(call.caller), act: call.body as Act }),
    }),
    gamesOpponentsRoute(db, channels),
    ...roundRoutes(db),
    route({
      method: 'get',
      path: '/me/games',
      does: 'What the caller staked and won',
      answer: OwnGames,
      allowed: 'viewer',
      handle: (call) => ownGames(db, channels, call),
    }),
  ]
}

const gamesOpponentsRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'get',
    path: '/games/opponents',
    does: 'Who can be called to a duel, by the beginning of a name',
    answer: exactly({ people: Type.Array(exactly({ id: Id, name: Type.String() })) }),
    asks: { name: text('How the name begins.', 40) },
    allowed: 'viewer',
    handle: async ({ channel, asked }) => {
      const show = await openShowOf(db, channel.id)
      const since = show?.startedAt ?? channels.clock()
      return { people: await opponents(db, channel.id, asked.name ?? '', since) }
    },
  })

function roundRoutes(db: Reader): Route[] {
  return [
    route({
      method: 'get',
      path: '/rounds',
      does: 'The rounds that ended last',
      answer: exactly({ rounds: Type.Array(RoundHead) }),
      asks: { game: choice('The rounds of one game alone.', GAMES), before },
      allowed: 'anyone',
      handle: async ({ channel, asked }) => ({
        rounds: await endedRounds(db, channel.id, asked.game, asked.before),
      }),
    }),
    route({
      method: 'get',
      path: '/rounds/:round',
      does: 'One round with everybody in it; its seed once it has ended',
      answer: WholeRound,
      allowed: 'anyone',
      handle: ({ channel, param }) => wholeRound(db, channel.id, param('round')),
    }),
    route({
      method: 'get',
      path: '/rounds/:round/file',
      does: 'The same as a file, to check with other means',
      answer: WholeRound,
      allowed: 'anyone',
      handle: async ({ channel, param }) => {
        const found = await wholeRound(db, channel.id, param('round'))
        const headers = {
          'content-type': 'application/json; charset=utf-8',
          'content-disposition': `attachment; filename="round-${channel.slug}-${idOf(param('round'))}.json"`,
        }
        return new Response(JSON.stringify(found, null, 2), { headers })
      },
    }),
  ]
}

async function wholeRound(db: Reader, channel: number, round: string) {
  const found = await roundOf(db, channel, idOf(round))
  if (found === undefined) throw problem('not_found')
  return found
}

async function gamesFor(db: Reader, channels: Channels, { channel }: Call<unknown>) {
  const [settings, wagering, rounds, last, currency] = await Promise.all([
    gameSettingsOf(db, channel.id),
    settingOf(db, channel.id, wageringSetting),
    openRounds(db, channel.id),
    lastNumbers(db, channel.id),
    currencyOf(db, channel.id),
  ])
  const on = GAMES.filter((game) => settings[game].on)
  return {
    now: channels.clock(),
    currency,
    games: Object.fromEntries(on.map((game) => [game, settings[game]])),
    words: settings.duel,
    wagering,
    rounds,
    last,
  }
}

async function ownGames(db: Reader, channels: Channels, { channel, caller }: Call<unknown>) {
  const id = await viewerIdOf(channels.pool, channel.id, caller.account)
  const nobody = { viewer: null, sitsOutUntil: 0, rounds: 0, staked: 0, paid: 0, seats: [] }
  if (id === undefined) return nobody
  const row = await playerRowOf(db, channel.id, id)
  const seats = await ownSeats(db, channel.id, id, OWN_SHOWN)
  const { sitsOutUntil = 0, rounds = 0, allStaked = 0, allPaid = 0 } = row ?? {}
  return { viewer: id, sitsOutUntil, rounds, staked: allStaked, paid: allPaid, seats }
}
