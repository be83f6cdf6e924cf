import type { Amount } from '../schema.ts'
import { defineTable, type World } from '../world/index.ts'

/** The channel's own books. They have no balance row: what they hold is the sum over their transfers. */
export const BOOKS = { issued: -1, spent: -2, house: -3, adjusted: -4 } as const

/** A wallet bears its viewer's id (`test`: the test viewer's, which is in no figure), a pot the id of what it belongs to (an order, a round ...). */
export interface AccountRow {
  readonly id: number
  readonly kind: 'wallet' | 'pot' | 'test'
  /** 0 to 2^53 - 1. */
  readonly balance: Amount
  /** All that was ever earned into a wallet, less earnings taken back; spending and winnings do not touch it. */
  readonly earned: Amount
}

export const accounts = defineTable<AccountRow>('account', 'keyed', (row) => row.id)

export const isBook = (account: number): boolean => account < 0

export function openAccount(world: World, id: number, kind: AccountRow['kind']): void {
  world.put(accounts, { id, kind, balance: 0, earned: 0 })
}

/** All that a wallet has ever earned; 0 where there is none. */
export const earnedOf = (world: World, id: number): number => world.get(accounts, id)?.earned ?? 0

/** What is on a wallet or pot; 0 where there is none. */
export const balanceOf = (world: World, id: number): number => world.get(accounts, id)?.balance ?? 0
