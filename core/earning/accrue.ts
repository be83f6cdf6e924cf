import type { Seconds } from '../schema.ts'
/**
 * Turns watched seconds into payouts: every full interval pays once, the rest carries over.
 * Interval 300, carry 120, present 1,000 s: 1,120 s are 3 payouts, carry 220 (rules: intervals).
 */
export function accrue(
  carrySeconds: Seconds,
  presentSeconds: Seconds,
  intervalSeconds: Seconds,
): { payouts: number; carrySeconds: Seconds } {
  const total = carrySeconds + presentSeconds
  return { payouts: Math.floor(total / intervalSeconds), carrySeconds: total % intervalSeconds }
}
