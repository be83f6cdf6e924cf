import { type Currency, inWords } from '../currency/index.ts'
import type { Amount } from '../schema.ts'
import { bossReturn } from './boss/boss.ts'
import { type Fraction, fraction, inPercent, roundedTo } from './fraction.ts'
import { heistOdds } from './heist.ts'
import { machineOdds } from './reels.ts'
import { betReturns } from './roulette.ts'
import type { BossSettings, ByGame, Game, HeistSettings, ScrambleSettings, SettingsOf } from './schema.ts'

/** What a game gives back of what is staked on average: the least and the most of all ways to play it. Exact. */
export interface Returns {
  readonly least: Fraction
  readonly most: Fraction
}

const same = (one: Fraction): Returns => ({ least: one, most: one })
const below = (a: Fraction, b: Fraction): boolean => a.top * b.bottom < b.top * a.bottom

const RETURNS: ByGame<Returns | undefined> = {
  heist: (settings) => heistReturns(settings),
  duel: ({ rakeBp }) => same(fraction(BigInt(10_000 - rakeBp), 10_000n)),
  roulette: () => same(betReturns({ on: 'red' })),
  reels: (settings) => same(machineOdds(settings).returns),
  coin: ({ multiplier }) => same(fraction(BigInt(multiplier), 200n)),
  cup: () => undefined,
  scramble: (settings) => scrambleReturns(settings),
  boss: (settings) => bossReturns(settings),
}

/** The expected return of a game as it is set (rules: wagered games); undefined: a cup, where it hangs on who comes. */
export const returnsOf = <G extends Game>(game: G, settings: SettingsOf[G]): Returns | undefined =>
  RETURNS[game](settings)

/** The crews that a site can have: from its own least to one below the next site's, and those at which a chance stops growing. */
export function crewsOf(
  { sites, leastCrew, mostCrew }: Pick<HeistSettings, 'sites' | 'leastCrew' | 'mostCrew'>,
  site: number,
): number[] {
  const own = sites[site]
  if (own === undefined) return []
  const from = Math.min(
    mostCrew,
    Math.max(leastCrew, sites.every((one) => one.fromCrew >= own.fromCrew) ? 1 : own.fromCrew),
  )
  const next = Math.min(
    ...sites.filter(({ fromCrew }) => fromCrew > own.fromCrew).map(({ fromCrew }) => fromCrew - 1),
    mostCrew,
  )
  const full =
    own.bonusPpm === 0
      ? []
      : own.rooms.map(({ throughPpm }) => 1 + Math.ceil(Math.max(0, own.capPpm - throughPpm) / own.bonusPpm))
  const crews = [from, ...full, next].filter((crew) => crew >= from && crew <= Math.max(from, next))
  return [...new Set(crews)].sort((a, b) => a - b)
}

/** A chance only grows with the crew, so the smallest and the largest of each site bound every plan. */
function heistReturns(settings: HeistSettings): Returns {
  const all = settings.sites.flatMap((site, i) =>
    crewsOf(settings, i).flatMap((crew) => heistOdds(site, crew).map(({ returns }) => returns)),
  )
  const first = all[0] ?? fraction(0n, 1n)
  return all.reduce<Returns>(
    ({ least, most }, one) => ({ least: below(one, least) ? one : least, most: below(most, one) ? one : most }),
    same(first),
  )
}

/** Each one's is (prize / n) / stake: what the house adds counts most for the fewest. Undefined where nothing is staked. */
function scrambleReturns({ stake, adds, rakeBp, leastCrew, mostCrew }: ScrambleSettings): Returns | undefined {
  if (stake === 0) return undefined
  const of = (n: number): Fraction =>
    fraction(
      BigInt(stake) * BigInt(n) * BigInt(10_000 - rakeBp) + BigInt(adds) * 10_000n,
      BigInt(stake) * BigInt(n) * 10_000n,
    )
  return { least: of(Math.max(leastCrew, mostCrew)), most: of(Math.max(1, leastCrew)) }
}

/** Up to here every size of a crew is looked at; above it three in a row every twentieth more, as odd and even sizes differ. */
const EVERY_SIZE = 150

/** The sizes of a crew from the least to the most: all small ones, and of large ones enough to see what they come to. */
export function sizesOf({ leastCrew, mostCrew }: Pick<BossSettings, 'leastCrew' | 'mostCrew'>): number[] {
  const last = Math.max(leastCrew, mostCrew)
  const sizes: number[] = []
  for (let size = leastCrew; size <= last; ) {
    if (size <= EVERY_SIZE) sizes.push(size++)
    else {
      sizes.push(...[size, size + 1, size + 2].filter((one) => one < last))
      size = Math.ceil(size * 1.05) + 2
    }
  }
  return sizes.at(-1) === last ? sizes : [...sizes, last]
}

/** A return that was computed as a number, as a fraction of a thousand million. */
const asFraction = (one: number): Fraction => fraction(BigInt(Math.round(one * 1e9)), 1_000_000_000n)

function bossReturns(settings: BossSettings): Returns {
  const all = sizesOf(settings).map((crew) => bossReturn(settings, crew, settings.stakes.smallest))
  return { least: asFraction(Math.min(...all)), most: asFraction(Math.max(...all)) }
}

/** "97.3 %", or "92.8 % to 98.6 %". */
export const returnsInWords = ({ least, most }: Returns): string =>
  inPercent(least) === inPercent(most) ? inPercent(least) : `${inPercent(least)} to ${inPercent(most)}`

const PPM = 1_000_000

/** Whether a game pays out more than it takes in the long run. */
export const paysTooMuch = ({ most }: Returns): boolean => most.top > most.bottom

/** What to think of before a game goes live with this return; undefined: nothing. */
export function returnWarning(returns: Returns): string | undefined {
  if (paysTooMuch(returns))
    return `It can pay back ${inPercent(returns.most)}: more than is staked. In the long run it creates currency out of nothing.`
  if (roundedTo(PPM, returns.least) < 800_000)
    return `It pays back as little as ${inPercent(returns.least)}: people lose quickly and stop playing. 90 % to 99 % is usual.`
  return undefined
}

/**
 * By how much a game is expected to change what all viewers hold together, in a show, at the stakes of late; below 0: they lose it.
 * Between the least and the most that it pays back, as nobody knows how it will be played.
 * @param staked - In all these shows.
 */
export function expectedChange({ least, most }: Returns, staked: Amount, shows: number): number {
  if (shows === 0) return 0
  const middle = (roundedTo(PPM, least) + roundedTo(PPM, most)) / 2
  return Math.round((staked * (middle - PPM)) / PPM / shows)
}

/** "At the stakes of the last 30 days viewers can be expected to lose about 1,900 rivets a show, all together." */
export function effectInWords(returns: Returns, staked: Amount, shows: number, currency: Currency): string {
  if (staked === 0 || shows === 0)
    return 'Nothing was staked in the last 30 days, so there is nothing to estimate from.'
  const change = expectedChange(returns, staked, shows)
  const base = 'At the stakes of the last 30 days viewers can be expected to'
  if (change === 0) return `${base} win as much as they lose.`
  return `${base} ${change < 0 ? 'lose' : 'win'} about ${inWords(Math.abs(change), currency)} a show, all together.`
}
