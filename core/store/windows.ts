import { keyedBy, keysOf } from '../world/index.ts'

/**
 * In what a reward's limits count besides in all. Each is a column for what it began with (`begins`) and one for how often
 * since (`counts`), and `now` is what it begins with at this moment. All that is set, checked, counted and said of limits
 * follows from this list.
 */
export const WINDOWS = {
  show: {
    begins: 'show',
    counts: 'shown',
    now: 'period',
    name: 'in each show',
    each: 'a show',
    soldOut: (onAir: boolean) => (onAir ? 'this show' : 'until the next show'),
    back: 'next show',
  },
  day: {
    begins: 'day',
    counts: 'dayed',
    now: 'day',
    name: 'a day',
    each: 'a day',
    soldOut: () => 'today',
    back: 'tomorrow',
  },
  week: {
    begins: 'week',
    counts: 'weeked',
    now: 'week',
    name: 'a week',
    each: 'a week',
    soldOut: () => 'this week',
    back: 'on Monday',
  },
  month: {
    begins: 'month',
    counts: 'monthed',
    now: 'month',
    name: 'a month',
    each: 'a month',
    soldOut: () => 'this month',
    back: 'next month',
  },
} as const

type Window = (typeof WINDOWS)[keyof typeof WINDOWS]

/** What limits can be over besides in all. */
export const OVER_WINDOWS = keysOf(WINDOWS)

/** What limits can be over. */
export type Over = 'all' | keyof typeof WINDOWS

/** What each window begins with at a moment: a number that stays the same for as long as it lasts. */
export type Now = { readonly [W in Window as W['now']]: number }

/** How often something was sold: in all, and in the last window of each kind in which it was. */
export type Counts = { readonly total: number } & { readonly [W in Window as W['begins'] | W['counts']]: number }

const nothingIn = ({ begins, counts }: Window) => ({ [begins]: 0, [counts]: 0 })

export const NO_COUNTS: Counts = Object.assign({ total: 0 }, ...Object.values(WINDOWS).map(nothingIn))

/** How often in the window that a moment is in. */
export const countIn = (sold: Counts, { begins, counts, now }: Window, moment: Now): number =>
  sold[begins] === moment[now] ? sold[counts] : 0

/** How often in each window that a moment is in. */
export const countsIn = (sold: Counts, moment: Now) =>
  keyedBy(OVER_WINDOWS, (over) => countIn(sold, WINDOWS[over], moment))

/** With one more. */
export function counted(sold: Counts, moment: Now): Counts {
  const windows = Object.values(WINDOWS).map((window) => ({
    [window.begins]: moment[window.now],
    [window.counts]: countIn(sold, window, moment) + 1,
  }))
  return Object.assign({}, sold, { total: sold.total + 1 }, ...windows)
}

/** Without one that was given back: it counts down where it counted, and nowhere else. */
export function uncounted(sold: Counts, moment: Now): Counts {
  const windows = Object.values(WINDOWS).map(({ begins, counts, now }) => ({
    [counts]: sold[begins] === moment[now] ? Math.max(0, sold[counts] - 1) : sold[counts],
  }))
  return Object.assign({}, sold, { total: Math.max(0, sold.total - 1) }, ...windows)
}
