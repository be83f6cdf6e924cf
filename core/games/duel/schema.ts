import { type Static, Type } from '@sinclair/typebox'
import { Amount, exactly, type Fixed, orNull, ViewerId, whole } from '../../schema.ts'
import { GameWord, gameSettings, Stakes } from '../schema.ts'

export const DuelSettings = gameSettings({
  stakes: Stakes,
  take: GameWord,
  pass: GameWord,
  withdraw: GameWord,
  answerSeconds: whole(10, 3600),
  /** From the acceptance to the outcome. */
  suspenseSeconds: whole(0, 30),
  rakeBp: whole(0, 5000),
})

export const Duellist = exactly({ id: ViewerId, name: Type.String() })

export const DuelState = exactly({
  of: Type.Literal('duel'),
  challenger: Duellist,
  /** Null: whoever takes it. */
  challenged: orNull(Duellist),
  stake: Amount,
  rakeBp: whole(0, 5000),
  winner: orNull(ViewerId),
})
export type DuelState = Fixed<Static<typeof DuelState>>
