import type { Step } from './schema.ts'

/** A step still to be done, and how many commands called one another on the way to it. */
export interface Queued {
  readonly step: Step
  readonly depth: number
}

/** So many commands may call one another. */
export const MOST_CALLS = 10
/** A run does so many steps at most, waits included. */
export const MOST_DONE = 200
