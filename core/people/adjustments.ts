import type { Amount, Seconds, UnixSeconds, ViewerId } from '../schema.ts'
import { defineTable } from '../world/index.ts'

export type How = 'give' | 'take' | 'set'

/** What is corrected: what people hold, or the seconds they have watched. */
export type Of = 'balance' | 'hours'

/** What was changed of whom: above 0 came in, below 0 went out. */
export interface AdjustedLine {
  readonly viewer: ViewerId
  readonly change: number
}

/** What a file changed of somebody. */
export interface ImportedLine extends AdjustedLine {
  /** Of watching; below 0: less. */
  readonly seconds: Seconds
  /** What else was changed: as it was before, and as the file has it. */
  readonly was: Readonly<Partial<Record<string, readonly [before: unknown, file: unknown]>>>
  /** Had no nickname, and has one by the file. Names themselves are not kept twice. */
  readonly named: boolean
  /** Nobody knew them before. */
  readonly made: boolean
}

/** A correction by hand or by a file, kept so that it can be undone and explained. */
export interface AdjustmentRow {
  readonly id: number
  readonly at: UnixSeconds
  readonly by: string
  readonly of: Of | 'import'
  readonly how: How
  readonly amount: Amount
  readonly why: string
  readonly lines: readonly (AdjustedLine | ImportedLine)[]
  readonly undoneAt: UnixSeconds | null
  /** Up to when it can be taken back. */
  readonly undoUntil: UnixSeconds
  /** Of an import: the digest of the part of the file. */
  readonly digest: string | null
}

export const adjustments = defineTable<AdjustmentRow>('adjustment', 'keyed', (row) => row.id)
