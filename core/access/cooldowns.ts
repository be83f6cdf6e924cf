import type { UnixSeconds } from '../schema.ts'
import { defineTable, viewerIn } from '../world/index.ts'

/**
 * When something may be used again (seconds since 1970), and how often it was used in a show (`period`): by anybody (`kind`),
 * or by one viewer (`kind/viewer`).
 */
export interface CooldownRow {
  readonly key: string
  readonly until: UnixSeconds
  readonly period: number
  readonly used: number
}

export const cooldowns = defineTable<CooldownRow>('cooldown', 'keyed', (row) => row.key, [], viewerIn)
