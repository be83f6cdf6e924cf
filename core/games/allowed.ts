import { checkLimits, countUse, type LimitKey, needLimits, startRest, whyNotFor } from '../access/index.ts'
import { durationInWords } from '../currency/index.ts'
import { maySpend } from '../earning/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount, Seconds, ViewerId } from '../schema.ts'
import { showOnAir } from '../show/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { isForAll, type StakedGame } from './declared.ts'
import { GAME_NAMES, type Game } from './names.ts'
import { playerOf, players } from './rounds.ts'
import { settingsOf } from './settings.ts'
import { checkStakeWithin, readStakeWithin } from './stakes.ts'

/** By what the limits of a game are kept; undefined: of sitting out, which has none. */
export const gameKey = (game: Game | undefined): LimitKey => `g:${game ?? 'sitout'}`

/** What looking at whether somebody may play needs. @param viewer - Undefined for who is new. */
export const needPlayer = (game: Game | undefined, viewer: ViewerId | undefined): Need[] => [
  ...needLimits(gameKey(game), viewer),
  ...(viewer === undefined ? [] : [needKey(players, viewer)]),
]

/**
 * Whether somebody may play a game at all now.
 * @param joins - They come into a round that is on: what rests for everyone, and how many there may be in a show, was counted when it opened.
 */
export function mayPlay(world: World, game: Game, viewer: ViewerRow, joins = false): Result<true> {
  const { on, who, onAir, limits } = settingsOf(world, game)
  const name = GAME_NAMES[game]
  if (!on) return refuse('game_off', `${name} is switched off.`)
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  const why = whyNotFor(world, who, viewer, name)
  if (why !== undefined) return refuse('game_not_for_you', why)
  if (onAir && showOnAir(world) === undefined)
    return refuse('game_off_air', `${name} is played only while the show is on air.`)
  const sits = sitsOut(world, viewer)
  if (!sits.ok) return sits
  const newcomer = maySpend(world, viewer)
  if (!newcomer.ok) return newcomer
  const counted = joins ? { ...limits, everyoneSeconds: 0, perShow: 0 } : limits
  return checkLimits(world, gameKey(game), counted, viewer.id)
}

/** Whether somebody has barred themselves from wagering. */
export function sitsOut(world: World, viewer: Pick<ViewerRow, 'id' | 'barredUntil'>): Result<true> {
  const left = Math.max(playerOf(world, viewer.id).sitsOutUntil, viewer.barredUntil) - world.at
  if (left <= 0) return ok(true)
  return refuse(
    'sitting_out',
    `You are sitting out for ${longInWords(left)} more, as you chose. Nobody can end that early.`,
    {
      until: world.at + left,
    },
  )
}

/** "30 days", "5 h 20 min". */
export const longInWords = (seconds: Seconds): string => {
  const days = Math.round(seconds / 86_400)
  return seconds >= 2 * 86_400 ? `${days} days` : durationInWords(seconds)
}

/** Counts a play; a round that opens counts for everyone, who joins it for themselves. Where one is for everybody, what rests for everyone begins when it ends. */
export function countPlay(world: World, game: Game, viewer: ViewerId, joins = false): void {
  const { limits } = settingsOf(world, game)
  const counted = isForAll(game) ? { ...limits, everyoneSeconds: 0 } : limits
  countUse(world, gameKey(game), counted, viewer, joins)
}

/** Has a game rest after its round, as its limits say. @returns Until when; 0: it does not rest. */
export function restAfter(world: World, game: Game): number {
  const { everyoneSeconds } = settingsOf(world, game).limits
  if (everyoneSeconds > 0) startRest(world, gameKey(game), everyoneSeconds)
  return everyoneSeconds > 0 ? world.at + everyoneSeconds : 0
}

/** Reads a stake of a game as it is typed and holds it to the game's limits: see `readStakeWithin`. */
export const readStake = (world: World, game: StakedGame, viewer: ViewerRow, typed: string): Result<number> =>
  readStakeWithin(world, settingsOf(world, game).stakes, viewer.id, typed)

/** Whether somebody may stake so much in a game now. */
export const checkStake = (world: World, game: StakedGame, viewer: ViewerId, stake: Amount): Result<true> =>
  checkStakeWithin(world, settingsOf(world, game).stakes, viewer, stake)
