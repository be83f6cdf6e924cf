import { useEffect, useState } from 'react'

const two = (n: number): string => String(n).padStart(2, '0')

/** Seconds as a running clock: 6128 -> "1:42:08". */
export function clockText(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds))
  return `${Math.floor(whole / 3600)}:${two(Math.floor((whole % 3600) / 60))}:${two(whole % 60)}`
}

/** Seconds as hours and minutes: 6128 -> "1:42". */
export const hoursText = (seconds: number): string => clockText(seconds).slice(0, -3)

const DAY = 86_400

/** Time left: a short clock, and days where there are some. 83 -> "01:23", 260000 -> "3 days". */
export const leftText = (seconds: number): string =>
  seconds >= 2 * DAY ? `${Math.floor(seconds / DAY)} days` : clockText(seconds).replace(/^0:/, '')

/**
 * Seconds since 1970 as the time of day: "09:05". Without `Intl.DateTimeFormat`, whose making takes a cold browser 50 ms of
 * the desk's first view.
 */
export function timeText(at: number): string {
  const then = new Date(at * 1000)
  return `${two(then.getHours())}:${two(then.getMinutes())}`
}

let dayAndTime: Intl.DateTimeFormat | undefined

/** Seconds since 1970 as day and time: "29 Nov, 09:05". */
export function dayText(at: number): string {
  dayAndTime ??= new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
  return dayAndTime.format(at * 1000)
}

/** How long ago, in the largest unit: "just now", "6 min", "3 h", "2 days". */
export function ageText(seconds: number): string {
  if (seconds < 60) return 'just now'
  if (seconds < 3600) return `${Math.floor(seconds / 60)} min`
  if (seconds < 2 * 86_400) return `${Math.floor(seconds / 3600)} h`
  return `${Math.floor(seconds / 86_400)} days`
}

/** The time now in seconds, anew every second. `ahead`: by how much the server's clock is ahead of this one. */
export function useNow(ahead = 0): number {
  const [now, setNow] = useState(() => Date.now() / 1000)
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now() / 1000), 1000)
    return () => clearInterval(timer)
  }, [])
  return now + ahead
}
