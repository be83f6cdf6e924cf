import type { Amount, UnixSeconds, ViewerId } from '../schema.ts'
import type { Given } from '../words/index.ts'
import { defineTable, type Refusal } from '../world/index.ts'
import type { Queued } from './queue.ts'

/** What came of one step, as a sentence. */
export interface StepOutcome {
  readonly do: string
  readonly sentence: string
}

/** What a run that waits goes on with. */
export interface RunState {
  readonly queue: readonly Queued[]
  readonly given: Given
  readonly figures: Readonly<Record<string, string | number>>
  /** How answers reach who set it off; null: nobody asked in chat. */
  readonly asker: { readonly name: string; readonly privately: boolean } | null
  readonly reply: 'plain' | 'mention' | 'private' | null
  /** The transfer of the price that was paid, given back if a later step fails. */
  readonly price: { readonly transfer: number; readonly amount: Amount } | null
  readonly paid: Amount
  readonly taken: number
}

/** What can come of a run. */
export const OUTCOMES = ['done', 'refused', 'failed', 'waiting'] as const

/** One run of a command's or trigger's steps, or why there was none. Times in seconds since 1970. */
export interface RunRow {
  readonly id: number
  readonly at: UnixSeconds
  readonly endedAt: UnixSeconds | null
  readonly source: 'command' | 'trigger' | 'reward' | 'goal'
  /** The id of the command, trigger or reward. */
  readonly of: number
  readonly name: string
  readonly viewer: ViewerId | null
  readonly viewerName: string | null
  readonly outcome: (typeof OUTCOMES)[number]
  /** The code and the sentence of what was refused. */
  readonly code: string | null
  readonly why: string | null
  readonly log: readonly StepOutcome[]
  readonly state: RunState | null
  /** The seed that draws of this run were made from; null: nothing was drawn. */
  readonly seed: number | null
}

/** Kept for 30 days. */
export const runs = defineTable<RunRow>('run', 'keyed', (row) => row.id)

/** A run that did not get to its first step. */
export const refusedRun = (
  base: Pick<RunRow, 'id' | 'at' | 'source' | 'of' | 'name' | 'viewer' | 'viewerName'>,
  { code, sentence }: Refusal,
): RunRow => ({
  ...base,
  endedAt: base.at,
  outcome: 'refused',
  code,
  why: sentence,
  log: [],
  state: null,
  seed: null,
})
