import { Type } from '@sinclair/typebox'
import { Count, exactly } from '#core/schema'
import { Audience, StepKey } from '#core/starter'

/** What there is to do before the first evening: what is true already, and what was left out. */
export const StarterState = exactly({
  /** Where viewers find the channel. */
  page: Type.String(),
  usual: Audience,
  /** How many rewards anybody could buy now, if they had the price. */
  buyable: Count,
  /** Whether a first show is over: then nothing is left to check before it. */
  over: Type.Boolean(),
  steps: Type.Array(exactly({ step: StepKey, done: Type.Boolean(), skipped: Type.Boolean() })),
})

export const Offered = exactly({
  key: Type.String(),
  of: Type.String(),
  name: Type.String(),
  says: Type.String(),
  /** Whether the channel has it, or something in its place, already. */
  there: Type.Boolean(),
})

export const StarterOffer = exactly({ pieces: Type.Array(Offered) })

export const StarterTaken = exactly({
  taken: Count,
  /** How many who are in the room already got what a first visit pays. */
  welcomed: Count,
  /** What could not be made, each with why. */
  refused: Type.Array(exactly({ name: Type.String(), why: Type.String() })),
})
