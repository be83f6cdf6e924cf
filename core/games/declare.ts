import type { Static, TObject, TProperties, TSchema } from '@sinclair/typebox'
import type { Faults } from '../faults.ts'
import type { Fixed } from '../schema.ts'
import type { CheckedStep, Told } from './checked.ts'
import type { Outcome, Returns, Way } from './odds.ts'
import type { GameWord, SeatState } from './schema.ts'
import type { GameText } from './text.ts'

/** Something that is typed in a game. */
export interface Verb<S> {
  /** The word for it, from how the game is set. */
  readonly word: (settings: S) => GameWord
  /** What it does, and what is typed behind it, as the public list of commands says it. */
  readonly does: string
  readonly usage?: string
  /** What is read from the line or sent from the page. */
  readonly act: TProperties
  /** Another game in which the word means something, too. */
  readonly also?: string
}

/** All that is fixed about a game: what pages, the server and the rules share. How it is played is in its `play.ts`. */
export interface GameDeclaration<
  N extends string,
  S extends TSchema,
  T extends TSchema,
  P extends TProperties,
  V extends Readonly<Record<string, Verb<Static<S>>>>,
  X extends Readonly<Record<string, GameText>>,
  O extends string | null,
> {
  readonly name: N
  /** What it is called in the list of changes. */
  readonly noun: string
  readonly about: string
  readonly settings: S
  readonly initial: Static<S>
  /** How a round of it stands, `of` being its name; and what somebody chose in it. */
  readonly state: T
  readonly plan: P
  readonly verbs: V
  readonly texts: X
  /** What the desk's button says that opens it for everybody, with nobody's stake in it yet; null: it is not opened so. */
  readonly opens: O
  /** Whose stake lies in the pot still while it is on. */
  readonly unpaid: readonly SeatState[]
  /** What is wrong with how it is set, by place, beyond what its schema says. */
  readonly faults: (settings: Static<S>) => Faults
  /** What it gives back of what is staked (rules: wagered games); undefined: it hangs on who comes. */
  readonly returns: (settings: Static<S>) => Returns | undefined
  /** Every way in which a play can end; none where that hangs on who comes. Their chances add up to 1. */
  readonly outcomes: (settings: Static<S>, way: Way) => readonly Outcome[]
  /** The outcome of a round that was settled once more from its seed, step by step. */
  readonly check: (round: Told<Fixed<Static<T>>, Fixed<Static<TObject<P>>>>) => CheckedStep[]
}

/** Declares a game: its types follow from this. */
export const declareGame = <
  const N extends string,
  S extends TSchema,
  T extends TSchema,
  P extends TProperties,
  V extends Readonly<Record<string, Verb<Static<S>>>>,
  X extends Readonly<Record<string, GameText>>,
  const O extends string | null,
>(
  declared: GameDeclaration<N, S, T, P, V, X, O>,
): GameDeclaration<N, S, T, P, V, X, O> => declared
