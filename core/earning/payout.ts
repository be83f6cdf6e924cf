import { mulDiv } from '../ledger/index.ts'
import type { Standing } from '../people/index.ts'
import type { Bonus, EarningPlan } from './schema.ts'

/** The part of a plan that one payment depends on. */
export interface PayRules {
  readonly base: number
  readonly offAir: { readonly base: number }
  readonly standings: Readonly<Record<string, Bonus>>
  readonly active: { readonly plus: number }
}

/**
 * One payment: (base + the `plus` of every standing held + the active bonus) x the highest `times` among the standings
 * held, rounded down; off air the off-air base alone (rules: earning). Base 10, follower plus 2, subscriber times 150: 18.
 */
export function payoutOf(plan: PayRules, standings: readonly Standing[], active: boolean, offAir: boolean): number {
  if (offAir) return plan.offAir.base
  const held = standings.flatMap((standing) => plan.standings[standing] ?? [])
  const plus = held.reduce((sum, bonus) => sum + bonus.plus, active ? plan.active.plus : 0)
  const times = held.reduce((most, bonus) => Math.max(most, bonus.times), 100)
  return mulDiv(plan.base + plus, times, 100)
}

/** Whether anybody is paid differently from anybody else: if not, nobody's standings need to be looked at. */
export const hasBonuses = ({ standings, active }: Pick<EarningPlan, 'standings' | 'active'>): boolean =>
  active.plus > 0 || Object.values(standings).some(({ plus, times }) => plus > 0 || times > 100)

/** Hundredths as people write them: 150 -> "1.5". */
export const timesInWords = (times: number): string => String(times / 100)

/** What made a payment more than the base, for the trail: "follower +2, chatted +3, subscriber, tier 1 × 1.5"; empty if nothing did. */
export function bonusInWords(
  plan: PayRules,
  standings: readonly Standing[],
  active: boolean,
  nameOf: (standing: Standing) => string,
): string {
  const held = standings.flatMap((standing) => {
    const bonus = plan.standings[standing]
    return bonus === undefined ? [] : [{ name: nameOf(standing), ...bonus }]
  })
  const parts = held.filter(({ plus }) => plus > 0).map(({ name, plus }) => `${name} +${plus}`)
  if (active && plan.active.plus > 0) parts.push(`chatted +${plan.active.plus}`)
  const most = held.reduce<(typeof held)[number] | undefined>((a, b) => (a && a.times >= b.times ? a : b), undefined)
  if (most !== undefined && most.times > 100) parts.push(`${most.name} × ${timesInWords(most.times)}`)
  return parts.join(', ')
}
