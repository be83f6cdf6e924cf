import { type Static, type TObject, type TSchema, Type } from '@sinclair/typebox'
import type { SeedOrigin } from '../fairness/index.ts'
import type { Faults } from '../faults.ts'
import { closed, exactly, type Fixed, whole } from '../schema.ts'
import { boss } from './boss/game.ts'
import type { CheckedStep, Told } from './checked.ts'
import { coin } from './coin/game.ts'
import { cup } from './cup/game.ts'
import type { Verb } from './declare.ts'
import { duel } from './duel/game.ts'
import { heist } from './heist/game.ts'
import { GAMES, type Game } from './names.ts'
import { type Outcome, PLAIN_WAY, type Returns, type Way } from './odds.ts'
import { reels } from './reels/game.ts'
import { roulette } from './roulette/game.ts'
import type { Wagering } from './schema.ts'
import { scramble } from './scramble/game.ts'

/** Every game as it is declared in its folder. */
export const DECLARED = { heist, duel, roulette, reels, coin, cup, scramble, boss } satisfies {
  readonly [G in Game]: { readonly name: G }
}
type Declared = typeof DECLARED

export type SettingsOf = { readonly [G in Game]: Static<Declared[G]['settings']> }
export type StateOf<G extends Game> = Fixed<Static<Declared[G]['state']>>
export type RoundState = { readonly [G in Game]: StateOf<G> }[Game]

type All<U> = (U extends unknown ? (one: U) => void : never) extends (all: infer A) => void ? A : never
/** What somebody chose in a round, or did: of a heist after which room they go, of the wheel what the bet is on, of a fight their hits. */
export type SeatPlan = Fixed<All<{ [G in Game]: Static<TObject<Declared[G]['plan']>> }[Game]>>

type VerbsOf<G extends Game> = Declared[G]['verbs']
/** What can be typed for one game, and for all of them. */
export type VerbOf<G extends Game> = keyof VerbsOf<G> & string
type PlayVerb = { [G in Game]: VerbOf<G> }[Game]
export type GameVerb = PlayVerb | 'sitout'

type ActsOf<G extends Game> = {
  [V in VerbOf<G>]: VerbsOf<G>[V] extends { readonly act: infer A extends TObject['properties'] }
    ? { do: V } & Static<TObject<A>>
    : never
}[VerbOf<G>]
type SitOut = { do: 'sitout'; seconds: number }

/** What somebody does in a game, the same for chat and page. Amounts are as they are typed. */
export type Act = { [G in Game]: ActsOf<G> }[Game] | SitOut

const verbs: readonly { readonly game: Game; readonly verb: PlayVerb; readonly is: Verb<never> }[] = GAMES.flatMap(
  (game) => Object.entries(DECLARED[game].verbs).map(([verb, is]) => ({ game, verb: verb as PlayVerb, is })),
)

export const Act = Type.Unsafe<Act>(
  Type.Union([
    ...verbs.map(({ verb, is }) => Type.Object({ do: Type.Literal(verb), ...is.act }, closed)),
    Type.Object({ do: Type.Literal('sitout'), seconds: whole(0, 1_000_000_000) }, closed),
  ]),
)

/** Each verb with the game whose limits it is held to; who sits out is held to none. */
const GAME_OF = new Map<string, Game>(verbs.map(({ verb, game }) => [verb, game]))
export const gameOf = ({ do: verb }: { readonly do: GameVerb }): Game | undefined => GAME_OF.get(verb)

/** What a verb does, and what is typed behind its word. */
export const VERBS: Readonly<Record<GameVerb, { readonly does: string; readonly usage?: string }>> = Object.assign(
  { sitout: { does: 'Bars you from all games for a time; nobody can end it early', usage: '<12h, 30d, 4w>' } },
  ...Object.values(DECLARED).map((game) => game.verbs),
)

const each = <K extends keyof Declared[Game]>(key: K) =>
  Object.fromEntries(GAMES.map((game) => [game, DECLARED[game][key]])) as { readonly [G in Game]: Declared[G][K] }

/** How each game can be set. */
export const GAME_SETTINGS = each('settings')
export const GAME_ABOUT = each('about')

/** How a round of each game stands; and all that a seat's plan can hold. */
export const RoundStates = Type.Unsafe<RoundState>(Type.Union(GAMES.map((game): TSchema => DECLARED[game].state)))
export const SeatPlan = Type.Unsafe<SeatPlan>(exactly(Object.assign({}, ...GAMES.map((game) => DECLARED[game].plan))))

/** What follows from how a game is set, for any game. */
type Rules = {
  readonly [G in Game]: {
    readonly faults: (settings: SettingsOf[G]) => Faults
    readonly returns: (settings: SettingsOf[G]) => Returns | undefined
    readonly outcomes: (settings: SettingsOf[G], way: Way) => readonly Outcome[]
  }
}
const RULES: Rules = DECLARED

/** What is wrong with how a game is set, by its places, beyond what its schema says. */
export const settingsFaults = <G extends Game>(game: G, settings: SettingsOf[G]): Faults => RULES[game].faults(settings)

/** The expected return of a game as it is set (rules: wagered games); undefined: a cup, where it hangs on who comes. */
export const returnsOf = <G extends Game>(game: G, settings: SettingsOf[G]): Returns | undefined =>
  RULES[game].returns(settings)

/** Every way in which a play of a game can end; nothing of a cup. Their chances add up to 1. */
export const outcomesOf = <G extends Game>(
  game: G,
  settings: SettingsOf[G],
  way: Way = PLAIN_WAY,
): readonly Outcome[] => RULES[game].outcomes(settings, way)

/** The games that can be opened for everybody, with nobody's stake in them yet. */
export type OpenedForAll = { [G in Game]: Declared[G]['opens'] extends string ? G : never }[Game]
/** Whether a game is one that is opened for everybody. */
export const isForAll = (game: Game): game is OpenedForAll => DECLARED[game].opens !== null
export const OPENED_FOR_ALL = GAMES.filter(isForAll)
/** What opens each at the desk. */
export const OPENS = each('opens')

/** The games in which everybody stakes what they like, within limits. */
export type StakedGame = { [G in Game]: SettingsOf[G] extends { readonly stakes: unknown } ? G : never }[Game]

/** A round that has ended, as it is told: all that its outcome follows from, and the outcome. */
export type ToldRound = Omit<Told<RoundState, SeatPlan>, 'state'> & {
  readonly status: string
  readonly commitment: string
  readonly seedOrigin: SeedOrigin
  readonly state: RoundState
}

/** The outcome of a round once more from its seed, step by step. Of a round that was called off nothing was drawn, so there is nothing. */
export function recompute(round: ToldRound): CheckedStep[] {
  if (round.status !== 'settled') return []
  // A round's state says itself of which game it is.
  const check = DECLARED[round.state.of].check as (round: Told<RoundState, SeatPlan>) => CheckedStep[]
  return check(round)
}

/** Every word of the games with what it is for, and whether it is heard: a game that is off listens to nobody. */
export function gameWords(
  read: <G extends Game>(which: G) => SettingsOf[G],
  { sitOut }: Wagering,
): { readonly verb: GameVerb; readonly words: readonly string[]; readonly on: boolean }[] {
  const isOn = (game: string | undefined) => game !== undefined && game in DECLARED && read(game as Game).on
  const all = verbs.map(({ game, verb, is }) => ({
    verb: verb as GameVerb,
    word: is.word(read(game) as never),
    on: isOn(game) || isOn(is.also),
  }))
  all.push({ verb: 'sitout', word: sitOut, on: GAMES.some(isOn) })
  return all.map(({ verb, word: { word, aliases }, on }) => ({
    verb,
    words: [word, ...aliases].map((one) => one.toLowerCase()),
    on,
  }))
}
