import { type Static, Type } from '@sinclair/typebox'
import { Who } from '../../access/index.ts'
import { Count, closed, exactly, type Fixed, Id, oneOf, orNull, SetAmount, ViewerId, whole } from '../../schema.ts'
import { gameSettings, Name } from '../schema.ts'

export const CupSettings = gameSettings({})

/** How one cup is played. */
export const CupRules = Type.Object(
  {
    name: Name,
    places: whole(4, 64),
    /** So many of the places are kept for some until the sign-up ends; 0: none. `before`: only who follows since before this show. */
    kept: Type.Object({ places: whole(0, 64), who: Who, before: Type.Boolean() }, closed),
    stake: SetAmount,
    /** What the house adds to the pot. */
    prize: SetAmount,
    /** What the other one in the final gets of the prize, in hundredths. */
    second: whole(0, 50),
    bestOf: Type.Union([Type.Literal(1), Type.Literal(3)]),
    signUpSeconds: whole(30, 86_400),
    /** How long the two of a match have to show up. */
    matchSeconds: whole(10, 600),
  },
  closed,
)
export type CupRules = Static<typeof CupRules>

export const Entrant = exactly({
  id: ViewerId,
  name: Type.String(),
  /** Which of the round's seats is theirs. */
  seat: Count,
  /** Whether they have one of the places that are kept. */
  kept: Type.Boolean(),
})
export type Entrant = Fixed<Static<typeof Entrant>>

/** How a match was decided: `bye`: there was nobody to play; `lot`: neither showed up. */
const How = oneOf(['played', 'walkover', 'bye', 'lot'])
export type How = Static<typeof How>

/** One match of a bracket. A side that is null is not known yet, or stays empty where the match is a bye. */
export const Match = exactly({
  /** 1, 2, 3 ... through the whole bracket, level by level. */
  id: Id,
  /** 0: the first round of the cup. */
  level: Count,
  a: orNull(ViewerId),
  b: orNull(ViewerId),
  /** Who has said that they are there. */
  ready: Type.Array(ViewerId),
  /** The winner of each game of the match. */
  games: Type.Array(ViewerId),
  winner: orNull(ViewerId),
  how: orNull(How),
})
export type Match = Fixed<Static<typeof Match>>

export const CupState = exactly({
  of: Type.Literal('cup'),
  rules: CupRules,
  entrants: Type.Array(Entrant),
  /** Whom the bracket was drawn from, in the order of signing up; and the order drawn, with who was replaced since. Empty before. */
  drawnFrom: Type.Array(ViewerId),
  order: Type.Array(ViewerId),
  matches: Type.Array(Match),
  /** The match that is called now; null: between two. */
  current: orNull(Id),
})
export type CupState = Fixed<Static<typeof CupState>>
