import type { UnixSeconds } from '../schema.ts'
/** The intents that a timer may hand in, by kind. Each feature adds its own. */
// biome-ignore lint/suspicious/noEmptyInterface: the features add to it
export interface TimedIntents {}

/** What the server does by itself when its time has come, with what it needs for that. Each feature adds its own. */
// biome-ignore lint/suspicious/noEmptyInterface: the features add to it
export interface Jobs {}

export type TimedIntent = TimedIntents[keyof TimedIntents]

/** A job with its data. */
export type Job<K extends keyof Jobs = keyof Jobs> = K extends keyof Jobs
  ? { readonly job: K; readonly data: Jobs[K] }
  : never

/** When something is to happen, in seconds. A timer with the key of an earlier one takes its place. */
interface When {
  readonly key: string
  readonly at: UnixSeconds
  /** Timers of one queue run one after the other, in the order in which they were set. */
  readonly queue?: string
}

/** An intent to be handed in later, or a job of the server's. */
export type Timer = When & ({ readonly intent: TimedIntent } | Job)
