import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type RewardShown = Answer<'/desk/store'>['rewards'][number]

/** Everything that the Store page shows and its form needs. */
export type StoreView = Answer<'/desk/store'>

export const storeQuery = queryOptions({
  queryKey: keyOf('store'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/store', { signal })),
  // Whether an overlay is connected is no fact of the channel.
  refetchInterval: 10_000,
})

/** The groups of the store in the order of their first rewards; one without a name stands for itself. */
export function groupsIn(rewards: readonly RewardShown[]): (readonly [string, readonly RewardShown[]])[] {
  const names = [...new Set(rewards.map(({ settings }) => settings.group))]
  return names.map((name) => [name, rewards.filter(({ settings }) => settings.group === name)] as const)
}
