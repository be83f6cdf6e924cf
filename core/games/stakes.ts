import { type Currency, currencySetting, inWords, readAmount } from '../currency/index.ts'
import { balanceOf, mulDiv } from '../ledger/index.ts'
import type { Amount, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { inPeriod } from './pot.ts'
import { playerOf } from './rounds.ts'
import type { Stakes } from './schema.ts'
import { wageringSetting } from './settings.ts'

const currencyOf = (world: World): Currency => readSetting(world, currencySetting)

/** How much somebody may still lose in this show; what lies in open rounds counts as lost until it comes back. */
export function lossLeft(world: World, viewer: ViewerId): number {
  const { mostLost } = readSetting(world, wageringSetting)
  if (mostLost === 0) return Number.MAX_SAFE_INTEGER
  const { staked, paid } = inPeriod(world, playerOf(world, viewer))
  return Math.max(0, mostLost - (staked - paid))
}

/**
 * The most that somebody may stake now, and what bounds it.
 * @param has - What they have in the same pot already: the largest stake and the share count it in.
 */
function mostStake(
  world: World,
  stakes: Stakes,
  viewer: ViewerId,
  has: Amount = 0,
): { readonly most: Amount; readonly why: string } {
  const currency = currencyOf(world)
  const balance = balanceOf(world, viewer)
  const more = has === 0 ? '' : `, with the ${inWords(has, currency)} in it already`
  const share = Math.max(0, mulDiv(balance + has, stakes.share, 100) - has)
  const bounds = [{ most: share, why: `${stakes.share} % of what you have${more}` }]
  if (stakes.largest > 0) bounds.push({ most: Math.max(0, stakes.largest - has), why: `the largest stake${more}` })
  const { mostLost } = readSetting(world, wageringSetting)
  if (mostLost > 0)
    bounds.push({
      most: lossLeft(world, viewer),
      why: `what is left of the ${inWords(mostLost, currency)} one may lose in a show`,
    })
  return bounds.reduce((least, one) => (one.most < least.most ? one : least))
}

/**
 * Reads a stake as it is typed and holds it to limits. "all" is all that the limits allow.
 * @param has - What they have in the same pot already.
 * @returns The stake, or what is wrong with it and what would do.
 */
export function readStakeWithin(
  world: World,
  stakes: Stakes,
  viewer: ViewerId,
  typed: string,
  has: Amount = 0,
): Result<number> {
  const currency = currencyOf(world)
  const balance = balanceOf(world, viewer)
  const wantsAll = typed.trim().normalize('NFKC').toLowerCase() === 'all'
  if (wantsAll && balance === 0)
    return refuse('balance_too_small', `You have no ${currency.many} to stake.`, { has: 0, short: stakes.smallest })
  const read = readAmount(typed, balance, currency)
  if (!read.ok) return read
  const stake = wantsAll ? Math.min(read.value, mostStake(world, stakes, viewer, has).most) : read.value
  const checked = checkStakeWithin(world, stakes, viewer, stake, has)
  return checked.ok ? ok(stake) : checked
}

/** Whether somebody may stake so much now. @param has - What they have in the same pot already. */
export function checkStakeWithin(
  world: World,
  stakes: Stakes,
  viewer: ViewerId,
  stake: Amount,
  has: Amount = 0,
): Result<true> {
  const currency = currencyOf(world)
  const balance = balanceOf(world, viewer)
  const holds = `You have ${inWords(balance, currency)}`
  if (stake > balance)
    return refuse('balance_too_small', `${holds}, ${inWords(stake - balance, currency)} short.`, {
      has: balance,
      short: stake - balance,
    })
  const { most, why } = mostStake(world, stakes, viewer, has)
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
