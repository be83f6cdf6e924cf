import type { CupRules } from '../schema.ts'

export interface Entrant {
  readonly id: number
  readonly name: string
  /** Which of the round's seats is theirs. */
  readonly seat: number
  /** Whether they have one of the places that are kept. */
  readonly kept: boolean
}

/** How a match was decided: `bye`: there was nobody to play; `lot`: neither showed up. */
export type How = 'played' | 'walkover' | 'bye' | 'lot'

/** One match of a bracket. A side that is null is not known yet, or stays empty where the match is a bye. */
export interface Match {
  /** 1, 2, 3 ... through the whole bracket, level by level. */
  readonly id: number
  /** 0: the first round of the cup. */
  readonly level: number
  readonly a: number | null
  readonly b: number | null
  /** Who has said that they are there. */
  readonly ready: readonly number[]
  /** The winner of each game of the match. */
  readonly games: readonly number[]
  readonly winner: number | null
  readonly how: How | null
}

export interface CupState {
  readonly of: 'cup'
  readonly rules: CupRules
  readonly entrants: readonly Entrant[]
  /** Whom the bracket was drawn from, in the order of signing up; and the order drawn, with who was replaced since. Empty before. */
  readonly drawnFrom: readonly number[]
  readonly order: readonly number[]
  readonly matches: readonly Match[]
  /** The match that is called now; null: between two. */
  readonly current: number | null
}
