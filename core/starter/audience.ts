import type { Static } from '@sinclair/typebox'
import { exactly, oneOf, whole } from '../schema.ts'

/** The looks to choose from for what stands on the stream. */
export const LOOKS = ['plain', 'warm', 'quiet'] as const

/** For whom a starter is made: how many are usually there, how often in a week and for how long, and how it is to look. */
export const Audience = exactly({
  people: whole(1, 100_000),
  shows: whole(1, 14),
  hours: whole(1, 24),
  look: oneOf(LOOKS),
})
export type Audience = Static<typeof Audience>

/** A small channel that goes on air on some evenings. */
export const USUAL: Audience = { people: 30, shows: 3, hours: 3, look: 'plain' }

/** Somebody who likes it here is there for this part of the time (hundredths). */
const FAITH = 60

/** How many hours in a week somebody watches who likes it here; never under one. */
export const weeklyHours = ({ shows, hours }: Audience): number =>
  Math.max(1, Math.round((shows * hours * FAITH) / 100))
