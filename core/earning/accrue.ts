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
