import { defineTable, type World } from '../world/index.ts'

/** What makes somebody a member by itself; each null does not matter, all others must be met. */
export interface CircleRules {
  readonly hours: number | null
  /** So many of the last so many shows. */
  readonly shows: { readonly least: number; readonly of: number } | null
  readonly followerDays: number | null
  readonly subscriberMonths: number | null
  /** The id of a rank: this one or a higher one. */
  readonly rank: number | null
}

/** A group of viewers that the streamer names. */
export interface CircleRow {
  readonly id: number
  readonly name: string
  readonly rules: CircleRules
  /** Whoever has joined by the rules stays when they are no longer met. */
  readonly keep: boolean
  readonly goneAt: number | null
}

/** Circles that are gone are not loaded. */
export const circles = defineTable<CircleRow>('circle', 'whole', (row) => row.id)

/** The circles there are, in the order in which they were made. */
export const openCircles = (world: World): CircleRow[] =>
  world
    .all(circles)
    .filter(({ goneAt }) => goneAt === null)
    .sort((a, b) => a.id - b.id)

export const hasRules = ({ rules }: Pick<CircleRow, 'rules'>): boolean =>
  Object.values(rules).some((rule) => rule !== null)
