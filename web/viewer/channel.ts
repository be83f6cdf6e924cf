import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { EarningPlan } from '#core/earning'
import type { StillRef } from '#core/screen'
import type { Asks, OrderStatus, RewardKind } from '#core/store'
import { read } from '../parts/api.ts'

export interface Reward {
  readonly id: number
  readonly word: string
  readonly name: string
  readonly description: string
  readonly group: string
  readonly price: number
  readonly kind: RewardKind
  /** Whether its word alone buys it in chat. */
  readonly command: boolean
  readonly picture: StillRef
  readonly asks: Asks
  /** What the buyer must confirm; empty: nothing. */
  readonly confirm: string
  /** By post: how many days the address is kept; null: it does not come by post. */
  readonly post: number | null
  /** How long it lasts (seconds); null: without end. */
  readonly lasts: number | null
  /** How many are left; null: there is no limit. */
  readonly left: number | null
  /** Its limits in plain sentences. */
  readonly limits: readonly string[]
  /** Why it cannot be bought now by who looks, their money left out; null: it can. */
  readonly why: { readonly code: string; readonly sentence: string } | null
}

/** What everyone may see of a channel. */
export interface Channel {
  readonly seq: number
  /** The channel's word in addresses. */
  readonly slug: string
  readonly name: string
  readonly currency: Currency
  readonly plan: EarningPlan
  readonly circles: readonly { readonly id: number; readonly name: string }[]
  readonly words: { readonly here: string; readonly get: string }
  readonly show: { readonly title: string; readonly startedAt: number } | null
  readonly rewards: readonly Reward[]
  /** Whether there is something that a secret word opens. */
  readonly secrets: boolean
  readonly signedIn: string | null
}

export interface OwnOrder {
  readonly id: number
  readonly rewardName: string
  readonly price: number
  readonly text: string | null
  readonly status: OrderStatus
  readonly placedAt: number
  readonly endsAt: number | null
  /** The code that was handed out. */
  readonly code: string | null
  /** Whether an address is kept for it. */
  readonly posted: boolean
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
