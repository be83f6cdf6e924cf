import { type Static, type TProperties, Type } from '@sinclair/typebox'
import { EVERYONE_MAY, Limits, NO_LIMITS, Who } from '../access/index.ts'
import { closed, oneOf, SetAmount, whole } from '../schema.ts'

// What games have in common in how they are set. A game's own is in its folder.

const Word = Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' })
export const Name = Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' })

/** What is typed for something: the word after the "!", and others that mean the same. */
export const GameWord = Type.Object({ word: Word, aliases: Type.Array(Word, { maxItems: 10 }) }, closed)
export type GameWord = Static<typeof GameWord>

export const wordOf = (word: string): GameWord => ({ word, aliases: [] })

/** What may be staked. 0 for the largest: no limit of its own. The share is of what somebody holds, in hundredths. */
export const Stakes = Type.Object(
  { smallest: whole(1, 1_000_000_000), largest: SetAmount, share: whole(1, 100) },
  closed,
)
export type Stakes = Static<typeof Stakes>

export const STAKES: Stakes = { smallest: 10, largest: 1000, share: 50 }

/** How a game is set: what all have, and its own. */
export const gameSettings = <P extends TProperties>(own: P) =>
  Type.Object(
    {
      on: Type.Boolean(),
      word: GameWord,
      who: Who,
      onAir: Type.Boolean(),
      limits: Limits,
      ...own,
    },
    closed,
  )

/** What all games have, as a new channel has it. @param word - What it is called in chat. */
export const switchedOff = (word: string) => ({
  on: false,
  word: wordOf(word),
  who: EVERYONE_MAY,
  onAir: true,
  limits: NO_LIMITS,
})

/** Of a game that gathers people, and then goes on step by step. */
export const Gathering = {
  gatherSeconds: whole(10, 600),
  leastCrew: whole(1, 1000),
  mostCrew: whole(1, 10_000),
  /** Between two waves or blows. */
  pauseSeconds: whole(2, 60),
}

export const GATHERING = { gatherSeconds: 60, leastCrew: 2, mostCrew: 500, pauseSeconds: 5 }

/** `in`: still in it. `out`: got out. `caught`. `won`, `lost`: of a bet. `back`: the stake went back. */
export const SeatState = oneOf(['in', 'out', 'caught', 'won', 'lost', 'back'])
export type SeatState = Static<typeof SeatState>

/** What is typed as a stake: it is read with the balance at hand. */
export const TypedStake = Type.String({ minLength: 1, maxLength: 40 })

/** What holds over all games. */
export const Wagering = Type.Object(
  {
    /** The most that one viewer may lose in a show, winnings set off; 0: no limit. */
    mostLost: SetAmount,
    sitOut: GameWord,
  },
  closed,
)
export type Wagering = Static<typeof Wagering>
