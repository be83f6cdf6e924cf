import { type Static, Type } from '@sinclair/typebox'
import { Amount, Count, exactly, Id, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

export const TrailEntry = exactly({
  id: Id,
  at: UnixSeconds,
  /** Above 0: came in; below: went out. */
  change: Type.Integer(),
  /** What was there right after it; null for what became of money that had left the wallet before. */
  balance: orNull(Amount),
  why: Type.String(),
})

export type TrailEntry = Unchangeable<Static<typeof TrailEntry>>

export const Trail = exactly({ entries: Type.Array(TrailEntry), before: orNull(Count) })

export type Trail = Unchangeable<Static<typeof Trail>>
