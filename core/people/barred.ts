import type { UnixSeconds } from '../schema.ts'
import { defineTable, noId } from '../world/index.ts'
import type { AccountKey } from './account.ts'

/** An account that was forgotten while it barred itself from wagering, kept so that nothing tells whose it was. */
export interface BarredRow {
  readonly account: AccountKey
  /** Unix seconds. */
  readonly until: UnixSeconds
}

export const barred = defineTable<BarredRow>('barred', 'keyed', (row) => row.account, [], noId)
