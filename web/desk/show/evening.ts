import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type Evening = Answer<'/desk/evening'>

export const eveningQuery = queryOptions({
  queryKey: keyOf('evening'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/evening', { signal })),
})

export interface Bar {
  readonly from: number
  readonly paid: number
  readonly spent: number
}

/** The width of a bar in seconds: few enough bars to read, at least one minute each. */
export function barSeconds(seconds: number): number {
  return [60, 120, 300, 600, 1200, 3600].find((width) => seconds / width <= 36) ?? 7200
}

/** The minutes of an evening gathered into bars from the show's start on. Bars without movement are there, empty. */
export function barsOf({ show, end, minutes }: Evening): { width: number; bars: Bar[] } {
  if (show === null || end === undefined) return { width: 60, bars: [] }
  const width = barSeconds(end - show.startedAt)
  const first = show.startedAt - (show.startedAt % 60)
  const count = Math.max(1, Math.floor((end - first) / width) + 1)
  const bars = Array.from({ length: count }, (_, i) => ({ from: first + i * width, paid: 0, spent: 0 }))
  for (const { minute, paid, spent } of minutes) {
    const bar = bars[Math.floor((minute - first) / width)]
    if (bar === undefined) continue
    bar.paid += paid
    bar.spent += spent
  }
  return { width, bars }
}
