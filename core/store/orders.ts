import type { Amount, CircleId, OrderId, RewardId, ShowId, TallyId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable } from '../world/index.ts'
import type { Now } from './windows.ts'

/**
 * `waiting`: to be done by hand; what was paid is held in the pot that bears the order's id. `running`: bought for a time that is
 * not over. `back`: that time is over, and it is to be taken back by hand. `done`, `refunded`.
 */
export const ORDER_STATUSES = ['waiting', 'running', 'back', 'done', 'refunded'] as const
export type OrderStatus = (typeof ORDER_STATUSES)[number]

/** One purchase. Times in seconds since 1970. */
export interface OrderRow extends Now {
  readonly id: OrderId
  readonly reward: RewardId
  readonly rewardName: string
  readonly viewer: ViewerId
  readonly viewerName: string
  readonly price: Amount
  /** What it cost of a tally. */
  readonly tally: TallyId | null
  readonly tallyCount: number
  readonly text: string | null
  readonly status: OrderStatus
  readonly show: ShowId | null
  readonly placedAt: UnixSeconds
  readonly endedAt: UnixSeconds | null
  /** Account of who ended it; null while it waits or if it was done by itself. */
  readonly endedBy: string | null
  /** The transfer that paid for it; 0: it was placed without a price. */
  readonly payment: number
  /** Whether it waited to be done by hand. */
  readonly byHand: boolean
  /** Account of who has taken it on. */
  readonly takenBy: string | null
  /** From when to when what was bought lasts; null: without end, or it has not begun. */
  readonly beginsAt: UnixSeconds | null
  readonly endsAt: UnixSeconds | null
  /** The circle that the buyer is in for that time. */
  readonly circle: CircleId | null
  /** The code that was given out. */
  readonly code: string | null
}

export const orders = defineTable<OrderRow>('order', 'keyed', (row) => row.id)

/** Where something is sent. Seen by the desk and the buyer only, and erased some days after the order is done. */
export interface AddressRow {
  /** The order's id. */
  readonly id: number
  readonly viewer: ViewerId
  /** Null: erased. */
  readonly address: string | null
  readonly eraseAt: UnixSeconds | null
}

export const addresses = defineTable<AddressRow>('address', 'keyed', (row) => row.id)
