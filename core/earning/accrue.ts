/**
 * Turns watched seconds into payouts: every full interval pays once, the rest carries over.
 * Interval 300, carry 120, present 1,000 s: 1,120 s are 3 payouts, carry 220 (rules: intervals).
 */
export function accrue(
  carrySeconds: number,
  presentSeconds: number,
  intervalSeconds: number,
): { payouts: number; carrySeconds: number } {
  const total = carrySeconds + presentSeconds
  return { payouts: Math.floor(total / intervalSeconds), carrySeconds: total % intervalSeconds }
}

/**
 * The seconds of a show that somebody was there for and that have not been counted yet. All in seconds since 1970.
 * @param until - Up to when to count; a show that is over counts to its end at most.
 */
export function uncountedSeconds(
  watch: { readonly counting: boolean; readonly countedUntil: number },
  show: { readonly startedAt: number; readonly endedAt: number | null },
  until: number,
): number {
  if (!watch.counting) return 0
  return Math.max(0, Math.min(until, show.endedAt ?? until) - Math.max(watch.countedUntil, show.startedAt))
}
