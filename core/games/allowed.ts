import { checkLimits, countUse, type LimitKey, mayUse, needLimits, startRest } from '../access/index.ts'
import { type Currency, currencySetting, durationInWords, inWords, readAmount } from '../currency/index.ts'
import { mayTakePart } from '../earning/index.ts'
import { balanceOf } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount, Seconds, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { GAME_NAMES } from './names.ts'
import { inPeriod } from './pot.ts'
import { playerOf, players } from './rounds.ts'
import { GAMES, type Game, type Stakes } from './schema.ts'
import { settingsOf, wageringSetting } from './settings.ts'

export const gameKey = (game: Game): LimitKey => `g${GAMES.indexOf(game) + 1}`

/** What looking at whether somebody may play needs. @param viewer - Undefined for who is new. */
export const needPlayer = (game: Game, viewer: ViewerId | undefined): Need[] => [
  ...needLimits(gameKey(game), viewer),
  ...(viewer === undefined ? [] : [needKey(players, viewer)]),
]

const currencyOf = (world: World): Currency => readSetting(world, currencySetting)

/**
 * Whether somebody may play a game at all now.
 * @param joins - They come into a round that is on: what rests for everyone, and how many there may be in a show, was counted when it opened.
 */
export function mayPlay(world: World, game: Game, viewer: ViewerRow, joins = false): Result<true> {
  const { on, who, onAir, limits } = settingsOf(world, game)
  const name = GAME_NAMES[game]
  if (!on) return refuse('game_off', `${name} is switched off.`)
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  if (!mayUse(world, who, viewer)) return refuse('game_not_for_you', `${name} is not open to you here.`)
  if (onAir && showOnAir(world) === undefined)
    return refuse('game_off_air', `${name} is played only while the show is on air.`)
  const sits = sitsOut(world, viewer)
  if (!sits.ok) return sits
  const newcomer = mayTakePart(world, viewer)
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

/** Games in which one round is for everybody: what rests for everyone begins when it ends. */
const TOGETHER: ReadonlySet<Game> = new Set(['heist', 'roulette'])

/** Counts a play; a round that opens counts for everyone, who joins it for themselves. */
export function countPlay(world: World, game: Game, viewer: ViewerId, joins = false): void {
  const { limits } = settingsOf(world, game)
  const counted = TOGETHER.has(game) ? { ...limits, everyoneSeconds: 0 } : limits
  countUse(world, gameKey(game), counted, viewer, joins)
}

/** Has a game rest after its round, as its limits say. @returns Until when; 0: it does not rest. */
export function restAfter(world: World, game: Game): number {
  const { everyoneSeconds } = settingsOf(world, game).limits
  if (everyoneSeconds > 0) startRest(world, gameKey(game), everyoneSeconds)
  return everyoneSeconds > 0 ? world.at + everyoneSeconds : 0
}

/** How much somebody may still lose in this show; what lies in open rounds counts as lost until it comes back. */
export function lossLeft(world: World, viewer: ViewerId): number {
  const { mostLost } = readSetting(world, wageringSetting)
  if (mostLost === 0) return Number.MAX_SAFE_INTEGER
  const { staked, paid } = inPeriod(world, playerOf(world, viewer))
  return Math.max(0, mostLost - (staked - paid))
}

/** The most that somebody may stake now, and what bounds it. */
function mostFor(world: World, stakes: Stakes, viewer: ViewerId): { most: number; why: string } {
  const currency = currencyOf(world)
  const balance = balanceOf(world, viewer)
  const bounds = [{ most: Math.floor((balance * stakes.share) / 100), why: `${stakes.share} % of what you have` }]
  if (stakes.largest > 0) bounds.push({ most: stakes.largest, why: 'the largest stake' })
  const { mostLost } = readSetting(world, wageringSetting)
  if (mostLost > 0)
    bounds.push({
      most: lossLeft(world, viewer),
      why: `what is left of the ${inWords(mostLost, currency)} one may lose in a show`,
    })
  return bounds.reduce((least, one) => (one.most < least.most ? one : least))
}

/**
 * Reads a stake as it is typed and holds it to the limits. "all" is all that the limits allow.
 * @returns The stake, or what is wrong with it and what would do.
 */
export function readStake(world: World, game: keyof StakedGames, viewer: ViewerRow, typed: string): Result<number> {
  const currency = currencyOf(world)
  const balance = balanceOf(world, viewer.id)
  const { stakes } = settingsOf(world, game)
  const wantsAll = typed.trim().normalize('NFKC').toLowerCase() === 'all'
  if (wantsAll && balance === 0)
    return refuse('balance_too_small', `You have no ${currency.many} to stake.`, { has: 0, short: stakes.smallest })
  const read = readAmount(typed, balance, currency)
  if (!read.ok) return read
  const stake = wantsAll ? Math.min(read.value, mostFor(world, stakes, viewer.id).most) : read.value
  const checked = checkStake(world, game, viewer.id, stake)
  return checked.ok ? ok(stake) : checked
}

interface StakedGames {
  heist: true
  duel: true
  roulette: true
  reels: true
  coin: true
}

/** Whether somebody may stake so much now. */
export function checkStake(world: World, game: keyof StakedGames, viewer: ViewerId, stake: Amount): Result<true> {
  const currency = currencyOf(world)
  const { stakes } = settingsOf(world, game)
  const balance = balanceOf(world, viewer)
  const has = `You have ${inWords(balance, currency)}`
  if (stake > balance)
    return refuse('balance_too_small', `${has}, ${inWords(stake - balance, currency)} short.`, {
      has: balance,
      short: stake - balance,
    })
  const { most, why } = mostFor(world, stakes, viewer)
  if (most < stakes.smallest)
    return refuse(
      'stake_limit',
      `You can stake ${most === 0 ? 'nothing' : inWords(most, currency)} now (${why}); the smallest stake is ${inWords(stakes.smallest, currency)}.`,
      { most, smallest: stakes.smallest },
    )
  if (stake < stakes.smallest)
    return refuse('stake_too_small', `The smallest stake is ${inWords(stakes.smallest, currency)}.`, {
      smallest: stakes.smallest,
    })
  if (stake > most)
    return refuse('stake_too_large', `The most you can stake now is ${inWords(most, currency)}: ${why}.`, { most })
  return ok(true)
}
