import { watchShort } from '../access/index.ts'
import { durationInWords } from '../currency/index.ts'
import { dayIn } from '../people/index.ts'
import type { Seconds, UnixSeconds } from '../schema.ts'
import type { Refusal } from '../world/index.ts'
import type { RewardSaleRow } from './rewards.ts'
import type { RewardSettings } from './schema.ts'
import { type Counts, countIn, type Now, OVER_WINDOWS, WINDOWS } from './windows.ts'

/** All that decides whether somebody may buy a reward now, their money and what they say to it left out. */
export interface Buying {
  readonly at: UnixSeconds
  readonly timeZone: string
  readonly onAir: boolean
  /** What each window begins with now. */
  readonly now: Now
  readonly all: RewardSaleRow
  readonly own: RewardSaleRow
  /** Why they are none of those who may; undefined: they are. */
  readonly barred: string | undefined
  /** Seconds watched. */
  readonly watched: number
  /** How many codes are left. */
  readonly codes: number
}

/** What each window begins with at a time. @param period - The show or the time between two shows (see `limitPeriod`). */
export function nowAt(at: UnixSeconds, timeZone: string, period: number): Now {
  const day = dayIn(timeZone, at)
  return { period, day, week: weekOf(day), month: monthOf(day) }
}

/** The week of a day, counted in weeks from Monday on. @param day - In days since Thursday, 1 January 1970. */
const weekOf = (day: number): number => Math.floor((day + 3) / 7)

/** The month of a day, counted in months of the calendar. */
function monthOf(day: number): number {
  const date = new Date(day * 86_400_000)
  return date.getUTCFullYear() * 12 + date.getUTCMonth()
}

/** How many are left for everybody; null: there is no limit. */
export function leftOf(
  { stock, kind }: Pick<RewardSettings, 'stock' | 'kind'>,
  all: Counts,
  now: Now,
  codes: number,
): number | null {
  const left = [
    stock.all === null ? null : stock.all - all.total,
    ...OVER_WINDOWS.map((over) => (stock[over] === null ? null : stock[over] - countIn(all, WINDOWS[over], now))),
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
    return no('reward_locked', `${name} needs a secret word. Type it after the command.`)
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

function notForThem({ name, hours }: RewardSettings, { barred, watched }: Buying): Refusal | undefined {
  if (barred !== undefined) return no('reward_not_for_you', barred)
  const missing = watchShort(hours, { watchedSeconds: watched })
  return missing > 0
    ? no('reward_hours', `${name} needs ${hours} hours watched; you need ${durationInWords(missing)} more.`, {
        missing,
      })
    : undefined
}

const times = (n: number): string => (n === 1 ? 'once' : `${n} times`)

function usedUp(settings: RewardSettings, buying: Buying): Refusal | undefined {
  const { name, stock, each, kind } = settings
  const { all, own, onAir, codes, now } = buying
  if (kind === 'code' && codes === 0) return no('reward_sold_out', `${name} is sold out: no code is left.`)
  if (stock.all !== null && all.total >= stock.all)
    return no(
      'reward_sold_out',
      `${name} is sold out: ${stock.all === 1 ? 'the only one is' : `all ${stock.all} are`} gone.`,
    )
  for (const over of OVER_WINDOWS) {
    const [most, window] = [stock[over], WINDOWS[over]]
    if (most === null || countIn(all, window, now) < most) continue
    const when = `${window.soldOut(onAir)} (${most} of ${most})`
    return no('reward_sold_out', `${name} is sold out ${when}. Back in stock ${window.back}.`)
  }
  if (each.all !== null && own.total >= each.all)
    return no('reward_limit_own', `Each viewer can have ${name} ${times(each.all)}, and you have.`)
  for (const over of OVER_WINDOWS) {
    const [most, window] = [each[over], WINDOWS[over]]
    if (most !== null && countIn(own, window, now) >= most)
      return no('reward_limit_own', `Each viewer can have ${name} ${times(most)} ${window.each}. Again ${window.back}.`)
  }
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
    ? `${name} is on cooldown for ${durationInWords(seconds)}.`
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
