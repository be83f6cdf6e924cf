import { durationInWords } from '../currency/index.ts'
import type { Seconds, UnixSeconds } from '../schema.ts'
import type { Refusal } from '../world/index.ts'
import type { SoldRow } from './rewards.ts'
import type { RewardSettings } from './schema.ts'

/** All that decides whether somebody may buy a reward now, their money and what they say to it left out. */
export interface Buying {
  readonly at: UnixSeconds
  readonly timeZone: string
  readonly onAir: boolean
  /** The show or the time between two that is counted in (see `limitPeriod`), and the day. */
  readonly period: number
  readonly day: number
  readonly all: SoldRow
  readonly own: SoldRow
  /** Whether they are one of those who may. */
  readonly allowed: boolean
  /** Seconds watched. */
  readonly watched: number
  /** How many codes are left. */
  readonly codes: number
}

type Counts = Pick<SoldRow, 'total' | 'show' | 'shown' | 'day' | 'dayed'>
type Now = Pick<Buying, 'period' | 'day'>

const inShow = ({ show, shown }: Counts, { period }: Now): number => (show === period ? shown : 0)
const inDay = ({ day, dayed }: Counts, now: Now): number => (day === now.day ? dayed : 0)

/** How many are left for everybody; null: there is no limit. */
export function leftOf(
  { stock, kind }: Pick<RewardSettings, 'stock' | 'kind'>,
  all: Counts,
  now: Now,
  codes: number,
): number | null {
  const left = [
    stock.all === null ? null : stock.all - all.total,
    stock.show === null ? null : stock.show - inShow(all, now),
    stock.day === null ? null : stock.day - inDay(all, now),
    kind === 'code' ? codes : null,
  ].filter((one) => one !== null)
  return left.length === 0 ? null : Math.max(0, Math.min(...left))
}

const no = (code: Refusal['code'], sentence: string, data?: Refusal['data']): Refusal =>
  data === undefined ? { code, sentence } : { code, sentence, data }

/** Why somebody may not buy a reward now, with what would change it; undefined: they may. */
export function whyNot(settings: RewardSettings, buying: Buying): Refusal | undefined {
  const { name, on, secret } = settings
  if (!on) return no('reward_closed', `${name} is not for sale right now.`)
  if (secret !== '' && !buying.own.unlocked)
    return no('reward_locked', `${name} opens with a secret word. Say it behind the reward's word.`)
  return (
    notThen(settings, buying) ?? notForThem(settings, buying) ?? usedUp(settings, buying) ?? rests(settings, buying)
  )
}

/** A time as people in the channel's time zone say it: "Friday 27 November, 19:30". */
export function timeInWords(at: UnixSeconds, timeZone: string): string {
  const form = { weekday: 'long', day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }
  return new Intl.DateTimeFormat('en-GB', { timeZone, ...form } as Intl.DateTimeFormatOptions)
    .format(at * 1000)
    .replace(' at ', ', ')
}

function notThen({ name, from, to, onAir }: RewardSettings, { at, timeZone, onAir: now }: Buying): Refusal | undefined {
  if (from !== null && at < from)
    return no('reward_not_yet', `${name} is for sale from ${timeInWords(from, timeZone)} on.`, { from })
  if (to !== null && at >= to)
    return no('reward_over', `${name} was for sale until ${timeInWords(to, timeZone)}.`, { to })
  return onAir && !now ? no('reward_off_air', `${name} can be bought only while the show is on air.`) : undefined
}

function notForThem({ name, hours }: RewardSettings, { allowed, watched }: Buying): Refusal | undefined {
  if (!allowed) return no('reward_not_for_you', `${name} is not for everyone, and not for you yet.`)
  const missing = hours * 3600 - watched
  return missing > 0
    ? no('reward_hours', `${name} takes ${hours} hours watched; ${durationInWords(missing)} are missing.`, { missing })
    : undefined
}

const times = (n: number): string => (n === 1 ? 'once' : `${n} times`)

function usedUp(settings: RewardSettings, buying: Buying): Refusal | undefined {
  const { name, stock, each, kind } = settings
  const { all, own, onAir, codes } = buying
  const show = onAir ? 'this show' : 'until the next show'
  if (kind === 'code' && codes === 0) return no('reward_sold_out', `${name} is sold out: no code is left.`)
  if (stock.all !== null && all.total >= stock.all)
    return no(
      'reward_sold_out',
      `${name} is sold out: ${stock.all === 1 ? 'the only one is' : `all ${stock.all} are`} gone.`,
    )
  if (stock.show !== null && inShow(all, buying) >= stock.show)
    return no(
      'reward_sold_out',
      `${name} is sold out ${show} (${stock.show} of ${stock.show}). Back in stock next show.`,
    )
  if (stock.day !== null && inDay(all, buying) >= stock.day)
    return no('reward_sold_out', `${name} is sold out today (${stock.day} of ${stock.day}). Back in stock tomorrow.`)
  if (each.all !== null && own.total >= each.all)
    return no('reward_limit_own', `Each viewer can have ${name} ${times(each.all)}, and you have.`)
  if (each.show !== null && inShow(own, buying) >= each.show)
    return no('reward_limit_own', `Each viewer can have ${name} ${times(each.show)} a show. Again next show.`)
  if (each.day !== null && inDay(own, buying) >= each.day)
    return no('reward_limit_own', `Each viewer can have ${name} ${times(each.day)} a day. Again tomorrow.`)
  return undefined
}

function rests({ name, rest }: RewardSettings, { at, all, own }: Buying): Refusal | undefined {
  if (rest.everyoneSeconds > 0 && all.until > at)
    return no('rests', restInWords('rests', name, all.until - at), { until: all.until })
  if (rest.eachSeconds > 0 && own.until > at)
    return no('rests_own', restInWords('rests_own', name, own.until - at), { until: own.until })
  return undefined
}

/** How long a reward rests still, for everybody or for one viewer. */
export const restInWords = (code: 'rests' | 'rests_own', name: string, seconds: Seconds): string =>
  code === 'rests'
    ? `${name} rests for ${durationInWords(seconds)} more.`
    : `You can have ${name} again in ${durationInWords(seconds)}.`

/** When it next changes by itself whether a reward can be bought: a rest ends, its time begins or is over; null: not by time alone. */
export function changesAt(
  { from, to, rest }: RewardSettings,
  { at, all, own }: Pick<Buying, 'at' | 'all' | 'own'>,
): number | null {
  const times = [from, to, rest.everyoneSeconds > 0 ? all.until : null, rest.eachSeconds > 0 ? own.until : null]
  const ahead = times.filter((time) => time !== null && time > at) as number[]
  return ahead.length === 0 ? null : Math.min(...ahead)
}

/** What was sold with one more. */
export const counted = (row: SoldRow, now: Now): SoldRow => ({
  ...row,
  total: row.total + 1,
  show: now.period,
  shown: inShow(row, now) + 1,
  day: now.day,
  dayed: inDay(row, now) + 1,
})

/** What was sold without one that was given back: it counts down where it counted, and nowhere else. */
export const uncounted = (row: SoldRow, { period, day }: Now): SoldRow => ({
  ...row,
  total: Math.max(0, row.total - 1),
  shown: row.show === period ? Math.max(0, row.shown - 1) : row.shown,
  dayed: row.day === day ? Math.max(0, row.dayed - 1) : row.dayed,
})
