import { defineTable } from '../world/index.ts'

/** One purchase. While it waits, what was paid is held in the pot that bears the order's id. */
export interface OrderRow {
  readonly id: number
  readonly reward: number
  readonly rewardName: string
  readonly viewer: number
  readonly viewerName: string
  readonly price: number
  readonly text: string | null
  readonly status: 'waiting' | 'done' | 'refunded'
  readonly show: number | null
  readonly placedAt: number
  readonly endedAt: number | null
  /** Account of who ended it; null while it waits or if it was done by itself. */
  readonly endedBy: string | null
  /** The transfer that paid for it; 0: it was placed without a price. */
  readonly payment: number
}

export const orders = defineTable<OrderRow>('order', 'keyed', (row) => row.id)
