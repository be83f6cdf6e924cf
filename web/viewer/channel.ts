import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { EarningPlan } from '#core/earning'
import type { StillRef } from '#core/screen'
import type { Asks, OrderStatus, RewardKind } from '#core/store'
import { read } from '../parts/api.ts'

/** Why a reward cannot be bought. `until`: when its rest ends (seconds since 1970). */
interface WhyNot {
  readonly code: string
  readonly sentence: string
  readonly until: number | null
}

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
  readonly why: WhyNot | null
}

/** What everyone may see of a channel. */
export interface Channel {
  /** By how many seconds the server's clock is ahead of this one. */
  readonly ahead: number
  /** When it next changes by itself what can be bought; null: not by time alone. */
  readonly changesAt: number | null
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
  /** Whether there is a game to play. */
  readonly games: boolean
  /** Whether there is, or was, a raffle. */
  readonly raffles: boolean
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

/** Not everybody's page asks in the same second. */
const SPREAD_SECONDS = 0.2 + 1.5 * Math.random()
/** Midnight changes what can be bought, too: a page that is left open asks once in a while. */
const LONGEST_SECONDS = 1800

export const channelQuery = queryOptions({
  queryKey: ['channel'],
  queryFn: async ({ signal }): Promise<Channel> => {
    const { at, ...channel } = await read<Omit<Channel, 'ahead'> & { at: number }>('/store', signal)
    return { ...channel, ahead: at - Date.now() / 1000 }
  },
  refetchInterval: ({ state: { data, dataUpdatedAt } }) => {
    const { changesAt = null, ahead = 0 } = data ?? {}
    const wait = changesAt === null ? LONGEST_SECONDS : changesAt - (dataUpdatedAt / 1000 + ahead)
    return (Math.min(LONGEST_SECONDS, Math.max(0, wait)) + SPREAD_SECONDS) * 1000
  },
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
