/** The first whole number of intervals after `start` that lies after `now` (seconds). */
export const nextTick = (start: number, interval: number, now: number): number =>
  start + (Math.floor((now - start) / interval) + 1) * interval
