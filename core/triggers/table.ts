import type { Amount, TriggerId, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable, savedCollection } from '../world/index.ts'
import type { TriggerSettings } from './schema.ts'

export interface TriggerRow {
  readonly id: TriggerId
  readonly settings: TriggerSettings
  readonly goneAt: UnixSeconds | null
  /** When a timer is looked at next; null: not at all, or no timer. */
  readonly dueAt: UnixSeconds | null
  /** The show's lines when it last ran, and that show. */
  readonly linesAt: UnixSeconds
  readonly showId: number
}

/** Triggers that are gone are not loaded. */
export const triggers = defineTable<TriggerRow>('trigger', 'whole', (row) => row.id)

/** The triggers there are, in the order in which they were made. */
export const savedTriggers = savedCollection(triggers, {
  one: 'trigger',
  many: 'triggers',
  most: 200,
  missing: 'trigger_not_found',
  full: 'trigger_invalid',
})
export const { open: openTriggers, find: triggerOf } = savedTriggers

/** A reward of the platform's own points, as the platform reported it. */
export interface OutsideRewardRow {
  /** The platform's id. */
  readonly id: string
  readonly name: string
  /** In the platform's points; null: not told. */
  readonly price: Amount | null
  /** When the platform listed it last, or told that it was redeemed (seconds). */
  readonly seenAt: UnixSeconds
  /** Whether the platform's latest list has it. */
  readonly listed: boolean
  /** What the platform says of it to viewers. */
  readonly text: string
  /** Whether who redeems it is asked for a text. */
  readonly asks: boolean
  readonly paused: boolean
  /** Whether the platform lets it be changed from here. */
  readonly changeable: boolean
}

export const outsideRewards = defineTable<OutsideRewardRow>('outsideReward', 'whole', (row) => row.id)

/** One redemption of an outside reward that a trigger answers. Times in seconds. */
export interface RedemptionRow {
  readonly id: number
  /** The platform's id of it, by which it is answered. */
  readonly outside: string
  readonly trigger: TriggerId
  readonly rewardName: string
  readonly viewer: ViewerId
  readonly viewerName: string
  readonly text: string | null
  /** `waiting` for a hand. */
  readonly status: 'waiting' | 'approved' | 'refused'
  /** Why it was refused. */
  readonly why: string | null
  readonly at: UnixSeconds
  /** What it counted towards (see `limitPeriod`). */
  readonly period: number
  readonly endedAt: UnixSeconds | null
  /** Account of who decided; null: it went by itself. */
  readonly by: string | null
}

export const redemptions = defineTable<RedemptionRow>('redemption', 'keyed', (row) => row.id)
