import type { UnixSeconds } from '../schema.ts'

/** Which comes first in dates like 3/4/2026. */
export type DateOrder = 'day' | 'month'

/** A cell that is not a time, with a sentence that says what to write. */
export class DateFault extends Error {}

const ISO =
  /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ](\d{1,2}):(\d{2})(?::(\d{2})(?:\.\d+)?)?\s*(Z|UTC|[+-]\d{2}:?\d{2})?)?$/i
const PARTED = /^(\d{1,2})([./-])(\d{1,2})\2(\d{4})(?:,?\s+(\d{1,2}):(\d{2})(?::(\d{2}))?)?$/
const NAMED_MONTH = /^(?:(\d{1,2})\.? +([a-z]{3,9})|([a-z]{3,9}) +(\d{1,2})),? +(\d{4})$/i
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const SECONDS = /^\d{9,10}$/

/**
 * A time as files write it, in seconds since 1970; null where the cell is empty, undefined where there is none. Without a
 * zone it is UTC; dates parted by points have the day first.
 * @param order - Which comes first where figures are parted by slashes or dashes.
 * @throws DateFault with a sentence.
 */
export function readTime(text: string | undefined, order: DateOrder): UnixSeconds | null | undefined {
  if (text === undefined) return undefined
  if (text === '') return null
  const at = SECONDS.test(text) ? Number(text) : (isoTime(text) ?? partedTime(text, order) ?? namedTime(text))
  if (at === undefined || at < 0)
    throw new DateFault(`"${text.slice(0, 40)}" is not a time. Use one like 2026-11-28 or 2026-11-28T19:00:00Z.`)
  return at
}

/** Seconds since 1970; undefined: there is no such day or time of day. */
function secondsOf(day: readonly [year: number, month: number, day: number], clock: readonly (string | undefined)[]) {
  const [year, month, date] = day
  const [hour, minute, second] = clock.map((part) => Number(part ?? 0)) as [number, number, number]
  const at = new Date(Date.UTC(year, month - 1, date))
  const isDay = at.getUTCMonth() === month - 1 && at.getUTCDate() === date
  if (!isDay || hour > 23 || minute > 59 || second > 59) return undefined
  return at.getTime() / 1000 + hour * 3600 + minute * 60 + second
}

function isoTime(text: string): number | undefined {
  const found = ISO.exec(text)
  if (found === null) return undefined
  const [, year, month, day, hour, minute, second, zone] = found
  const at = secondsOf([Number(year), Number(month), Number(day)], [hour, minute, second])
  return at === undefined ? undefined : at - zoneSeconds(zone)
}

function zoneSeconds(zone: string | undefined): number {
  const [, sign, hours, minutes] = /^([+-])(\d{2}):?(\d{2})$/.exec(zone ?? '') ?? []
  return hours === undefined ? 0 : (sign === '-' ? -1 : 1) * (Number(hours) * 3600 + Number(minutes) * 60)
}

function partedTime(text: string, order: DateOrder): number | undefined {
  const found = PARTED.exec(text)
  if (found === null) return undefined
  const [, first, sign, second, year, ...clock] = found
  const [day, month] = sign === '.' || order === 'day' ? [first, second] : [second, first]
  return secondsOf([Number(year), Number(month), Number(day)], clock.slice(0, 3))
}

function namedTime(text: string): number | undefined {
  const found = NAMED_MONTH.exec(text)
  if (found === null) return undefined
  const [, dayFirst, monthAfter, monthFirst, dayAfter, year] = found
  const month = MONTHS.indexOf((monthAfter ?? monthFirst ?? '').slice(0, 3).toLowerCase())
  return month < 0
    ? undefined
    : secondsOf([Number(year), month + 1, Number(dayFirst ?? dayAfter)], [undefined, undefined, undefined])
}

/** Which comes first in the dates of a file, by a date that can be read in one way only; undefined: it cannot be known. */
export function dateOrderOf(texts: Iterable<string>): DateOrder | 'none' | undefined {
  let order: DateOrder | 'none' | undefined = 'none'
  for (const text of texts) {
    const [, first, sign, second] = PARTED.exec(text.trim()) ?? []
    if (sign === undefined || sign === '.') continue
    if (Number(first) > 12) return 'day'
    if (Number(second) > 12) return 'month'
    order = undefined
  }
  return order
}
