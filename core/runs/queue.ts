import type { Step } from '../steps/index.ts'

/** Whom steps are for and what set them off, where that is not what the run began with: those of a reward that a step ordered. */
export interface StepContext {
  readonly caller: number
  readonly figures: Readonly<Record<string, string | number>>
}

/** A step still to be done, and how many commands or rewards called one another on the way to it. */
export interface Queued {
  readonly step: Step
  readonly depth: number
  readonly on?: StepContext
}

/** So many commands may call one another. */
export const MOST_CALLS = 10
/** A run does so many steps at most, waits included. */
export const MOST_DONE = 200
