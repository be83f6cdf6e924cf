import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { EarningPlan } from '#core/earning'
import type { Picture } from '#core/screen'
import { read } from '../parts/api.ts'

export interface Reward {
  readonly id: number
  readonly word: string
  readonly name: string
  readonly description: string
  readonly price: number
  readonly delivery: 'hand' | 'itself'
  readonly ask: string | null
  readonly picture: Picture
}

/** What everyone may see of a channel. */
export interface Channel {
  readonly seq: number
  readonly name: string
  readonly currency: Currency
  readonly plan: EarningPlan
  readonly circles: readonly { readonly id: number; readonly name: string }[]
  readonly words: { readonly here: string }
  readonly show: { readonly title: string; readonly startedAt: number } | null
  readonly rewards: readonly Reward[]
  readonly signedIn: string | null
}

export interface OwnOrder {
  readonly id: number
  readonly rewardName: string
  readonly price: number
  readonly text: string | null
  readonly status: 'waiting' | 'done' | 'refunded'
  readonly placedAt: number
  /** Place in the queue, 1 = next; null once it no longer waits. */
  readonly place: number | null
}

/** What only the signed-in viewer sees. */
export interface Me {
  readonly name: string
  readonly balance: number
  readonly present: boolean
  readonly watchedSeconds: number
  readonly orders: readonly OwnOrder[]
}

export const channelQuery = queryOptions({
  queryKey: ['channel'],
  queryFn: ({ signal }) => read<Channel>('/store', signal),
})

export const meQuery = queryOptions({
  queryKey: ['me'],
  queryFn: ({ signal }) => read<Me>('/me', signal),
})

/** The channel, once loaded; the pages are shown only then. */
export function useChannel(): Channel {
  const { data } = useQuery(channelQuery)
  if (data === undefined) throw new Error('The pages are shown only after the channel is loaded.')
  return data
}

/** The signed-in viewer; undefined while loading and when nobody is signed in. */
export function useMe(): Me | undefined {
  const { signedIn } = useChannel()
  return useQuery({ ...meQuery, enabled: signedIn !== null }).data
}
