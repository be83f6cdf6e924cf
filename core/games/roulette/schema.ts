import { type Static, Type } from '@sinclair/typebox'
import { Count, exactly, type Fixed, oneOf, orNull, whole } from '../../schema.ts'
import { gameSettings, Stakes } from '../schema.ts'

export const RouletteSettings = gameSettings({
  stakes: Stakes,
  /** How long bets are taken; 0: every line is a spin of its own. */
  betSeconds: whole(0, 600),
  /** From the last bet to the number. */
  suspenseSeconds: whole(0, 30),
  /** The most that the house stands to pay in one spin. */
  houseLimit: whole(1, 1_000_000_000_000),
})

export const RouletteState = exactly({
  of: Type.Literal('roulette'),
  /** What each number would pay, 0 to 36. */
  pays: Type.Array(Count),
  number: orNull(Count),
})
export type RouletteState = Fixed<Static<typeof RouletteState>>

/** What a bet is on: one number, twelve in a row, every third, or half of the wheel. */
export const On = Type.Union([
  exactly({ on: Type.Literal('number'), number: Count }),
  exactly({
    on: oneOf(['dozen', 'column']),
    which: Type.Union([Type.Literal(1), Type.Literal(2), Type.Literal(3)]),
  }),
  exactly({ on: oneOf(['red', 'black', 'low', 'odd', 'even', 'high']) }),
])
export type On = Fixed<Static<typeof On>>
