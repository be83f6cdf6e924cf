import { holds, type Standing } from '../people/index.ts'
import type { Amount, Seconds } from '../schema.ts'
import type { Rank, RankPlan } from './schema.ts'

/** What somebody's rank goes by: whole minutes watched, or what they have earned in all. Never what they hold. */
export const measureOf = (
  { measure }: Pick<RankPlan, 'measure'>,
  { watchedSeconds, earned }: { readonly watchedSeconds: Seconds; readonly earned: Amount },
): number => (measure === 'hours' ? Math.floor(watchedSeconds / 60) : earned)

type Ranked = Pick<Rank, 'from' | 'needs'>

/** The rank held: the one with the highest `from` up to the measure whose needed standing is held (rules: ranks). */
export function rankFor<R extends Ranked>(
  ranks: readonly R[],
  measure: number,
  held: readonly Standing[],
): R | undefined {
  let best: R | undefined
  for (const rank of ranks) {
    if (rank.from <= measure && holds(held, rank.needs) && (best === undefined || rank.from >= best.from)) best = rank
  }
  return best
}

/** The next rank up that the measure alone still keeps from somebody, among those whose needed standing they hold. */
export function nextRank<R extends Ranked>(
  ranks: readonly R[],
  measure: number,
  held: readonly Standing[],
): R | undefined {
  let next: R | undefined
  for (const rank of ranks) {
    if (rank.from > measure && holds(held, rank.needs) && (next === undefined || rank.from < next.from)) next = rank
  }
  return next
}

/** The least measure above somebody's at which any rank begins: from there on their rank must be looked at again. */
export const nextThreshold = (ranks: readonly Ranked[], measure: number): number | null =>
  ranks.reduce<number | null>(
    (least, { from }) => (from > measure && (least === null || from < least) ? from : least),
    null,
  )
