import type { Static } from '@sinclair/typebox'
import type { CircleId, UnixSeconds } from '../schema.ts'
import { exactly, orNull, whole } from '../schema.ts'
import { defineTable, savedCollection, stored } from '../world/index.ts'

/** What makes somebody a member by itself; each null does not matter, all others must be met. */
export const CircleRules = exactly({
  hours: orNull(whole(1, 100_000)),
  /** So many of the last so many shows. */
  shows: orNull(exactly({ least: whole(1, 50), of: whole(1, 50) })),
  followerDays: orNull(whole(1, 36_500)),
  subscriberMonths: orNull(whole(1, 1200)),
  /** The id of a rank: this one or a higher one. */
  rank: orNull(whole(1, 1_000_000)),
})
export type CircleRules = Readonly<Static<typeof CircleRules>>

const NO_RULES: CircleRules = { hours: null, shows: null, followerDays: null, subscriberMonths: null, rank: null }

/** Without rules nobody joins or leaves by itself: who is in stays. */
export const storedRules = stored('rule of a circle', CircleRules, { initial: NO_RULES, off: () => NO_RULES })

/** A group of viewers that the streamer names. */
export interface CircleRow {
  readonly id: CircleId
  readonly name: string
  readonly rules: CircleRules
  /** Whoever has joined by the rules stays when they are no longer met. */
  readonly keep: boolean
  readonly goneAt: UnixSeconds | null
}

/** Circles that are gone are not loaded. */
export const circles = defineTable<CircleRow>('circle', 'whole', (row) => row.id)

/** The circles there are, in the order in which they were made. */
export const savedCircles = savedCollection(circles, {
  one: 'circle',
  many: 'circles',
  most: 50,
  missing: 'circle_not_found',
  full: 'circle_invalid',
})
export const { open: openCircles } = savedCircles

export const hasRules = ({ rules }: Pick<CircleRow, 'rules'>): boolean =>
  Object.values(rules).some((rule) => rule !== null)
