import type { Currency } from '#core/currency'
import type { CircleRow } from '#core/people'
import type { RankPlan } from '#core/ranks'

/** Ranks and circles, and how many people hold each. */
export interface Ranks {
  readonly plan: RankPlan
  readonly circles: readonly CircleRow[]
  readonly counts: {
    readonly ranks: readonly { readonly id: number | null; readonly count: number }[]
    readonly circles: readonly { readonly id: number; readonly count: number }[]
  }
  readonly currency: Currency
}
