import type { ViewerRow } from '../people/index.ts'
import { type Need, type Result, refuse, type World } from '../world/index.ts'
import type { Act, OpenedForAll, StateOf, VerbOf } from './declared.ts'
import type { Game } from './names.ts'
import type { Played } from './played.ts'
import type { PlayerAt, RoundOf, RoundRow } from './rounds.ts'

/** What stands behind a word in chat. */
export interface Typed {
  readonly rest: string
  readonly first: string
  readonly second: string
  /** Who is meant by a name; or what is wrong with it. */
  readonly named: (name: string) => Result<ViewerRow>
}

/** Something that somebody does in a game. */
export interface ActPlay<A> {
  /** Whom a line names. */
  readonly names?: (rest: string) => string | undefined
  /** Reads it from a line of chat; or says how it is typed. Needs whom the line names. */
  readonly read: (world: World, typed: Typed) => Result<A>
  /** The rounds that it is about. @param at - Where somebody has a part. */
  readonly rounds?: (world: World, at: PlayerAt, act: A) => readonly (number | undefined)[]
  /** What else it needs, once those rounds are there. */
  readonly needs?: (world: World, at: PlayerAt, act: A) => readonly Need[]
  /** Whether it may end the round at once: then everybody in it is paid. */
  readonly mayEnd?: boolean
  /** All of it happens, or nothing but the refusal. */
  readonly play: (world: World, viewer: ViewerRow, act: A) => Result<Played>
}

/** How a game is played. */
export interface GamePlay<G extends Game> {
  readonly acts: { readonly [V in VerbOf<G>]: ActPlay<Extract<Act, { do: V }>> }
  /** Opens it for everybody, with nobody's stake in it, and says so; null: it is not opened so. */
  readonly opens: G extends OpenedForAll
    ? {
        readonly open: (world: World) => RoundRow
        readonly tell: (world: World, round: RoundRow, opener: string) => unknown
      }
    : null
  /** What a round does when its time has come; null: it ends within the play that opens it. */
  readonly advance: ((world: World, round: RoundOf<StateOf<G>>) => void) | null
  /** Says that the next round can be started. @returns Whether it did. */
  readonly rested?: (world: World) => boolean
}

/** Says how something is typed. */
export const usage = (example: string): Result<never> => refuse('arguments_wrong', `Type it like ${example}.`)

/** So much of what is typed is read as a stake. */
export const stakeIn = (typed: string): string => typed.slice(0, 40)
