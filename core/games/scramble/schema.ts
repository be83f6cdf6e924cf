import { type Static, Type } from '@sinclair/typebox'
import { Amount, Count, exactly, type Fixed, SetAmount, whole } from '../../schema.ts'
import { Gathering, gameSettings } from '../schema.ts'

const Rake = whole(0, 5000)
/** What each place gets of the prize, in parts per million. */
const Shares = Type.Array(whole(1, 1_000_000), { minItems: 1, maxItems: 20 })

export const ScrambleSettings = gameSettings({
  ...Gathering,
  /** What everybody puts in; 0: nothing. */
  stake: SetAmount,
  /** What the house adds to the prize. */
  adds: SetAmount,
  rakeBp: Rake,
  sharesPpm: Shares,
})
export type ScrambleSettings = Static<typeof ScrambleSettings>

/** `left`: how many are still in; the first wave is 1. Who is out stands in the seats. */
export const ScrambleState = exactly({
  of: Type.Literal('scramble'),
  stake: Amount,
  adds: Amount,
  rakeBp: Rake,
  sharesPpm: Shares,
  wave: Count,
  left: Count,
})
export type ScrambleState = Fixed<Static<typeof ScrambleState>>
