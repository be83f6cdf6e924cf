import { queryOptions } from '@tanstack/react-query'
import type { Readiness } from '#core/commands'
import type { EarningPlan } from '#core/earning'
import type { Piece } from '#core/screen'
import type { Holdings, RewardSettings, Sales } from '#core/store'
import { read } from '../../parts/api.ts'

export interface RewardShown {
  readonly id: number
  readonly place: number
  readonly settings: RewardSettings
  /** How many are left; null: there is no limit. */
  readonly left: number | null
  readonly sold: { readonly total: number; readonly show: number; readonly day: number }
  readonly codes: { readonly count: number; readonly given: number }
  readonly who: string
  readonly hints: readonly string[]
  readonly ready: Readiness
}

/** Everything that the Store page shows and its form needs. */
export interface StoreView {
  readonly rewards: readonly RewardShown[]
  readonly archived: readonly { readonly id: number; readonly name: string; readonly goneAt: number }[]
  readonly sales: readonly Sales[]
  /** How many shows the sales are of. */
  readonly shows: number
  readonly holdings: Holdings
  readonly plan: EarningPlan
  readonly timeZone: string
  readonly alerts: readonly { readonly id: number; readonly name: string }[]
  readonly overlays: readonly {
    readonly id: number
    readonly name: string
    readonly pieces: Piece[]
    readonly connected: boolean
  }[]
  readonly onAir: boolean
}

export const storeQuery = queryOptions({
  queryKey: ['store'],
  queryFn: ({ signal }) => read<StoreView>('/desk/store', signal),
  // Whether an overlay is connected is no fact of the channel.
  refetchInterval: 10_000,
})

/** The groups of the store in the order of their first rewards; one without a name stands for itself. */
export function groupsIn(rewards: readonly RewardShown[]): (readonly [string, readonly RewardShown[]])[] {
  const names = [...new Set(rewards.map(({ settings }) => settings.group))]
  return names.map((name) => [name, rewards.filter(({ settings }) => settings.group === name)] as const)
}
