import { type Static, type TProperties, Type } from '@sinclair/typebox'
import { Limits, Who } from '../access/index.ts'
import { closed, SetAmount, whole } from '../schema.ts'
import { StillRef } from '../screen/index.ts'

const Word = Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' })
const Name = Type.String({ minLength: 1, maxLength: 40, pattern: '\\S' })
const Line = Type.String({ maxLength: 160 })

/** The games that are played in rounds. */
export const GAMES = ['heist', 'duel', 'roulette', 'reels', 'coin', 'cup', 'scramble', 'boss'] as const
export type Game = (typeof GAMES)[number]

/** What is typed for something: the word after the "!", and others that mean the same. */
export const GameWord = Type.Object({ word: Word, aliases: Type.Array(Word, { maxItems: 10 }) }, closed)
export type GameWord = Static<typeof GameWord>

/** What may be staked. 0 for the largest: no limit of its own. The share is of what somebody holds, in hundredths. */
export const Stakes = Type.Object(
  { smallest: whole(1, 1_000_000_000), largest: SetAmount, share: whole(1, 100) },
  closed,
)
export type Stakes = Static<typeof Stakes>

const game = <P extends TProperties>(own: P) =>
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

/** One room of a site: how likely one gets through (parts per million), what leaving after it pays (hundredths), and its story. */
export const SiteRoom = Type.Object(
  {
    name: Name,
    throughPpm: whole(1, 1_000_000),
    multiplier: whole(1, 100_000),
    /** Said when nobody was caught in it, and when somebody was. */
    through: Line,
    caught: Line,
  },
  closed,
)

/** Where a heist goes: with a crew of so many or more. */
export const HeistSite = Type.Object(
  {
    name: Name,
    fromCrew: whole(1, 100_000),
    bonusPpm: whole(0, 100_000),
    capPpm: whole(1, 1_000_000),
    rooms: Type.Array(SiteRoom, { minItems: 1, maxItems: 8 }),
  },
  closed,
)
export type HeistSite = Static<typeof HeistSite>

export const HeistSettings = game({
  stakes: Stakes,
  out: GameWord,
  gatherSeconds: whole(10, 600),
  leastCrew: whole(1, 1000),
  mostCrew: whole(1, 100_000),
  /** Between two rooms. */
  pauseSeconds: whole(3, 120),
  /** Whether chat is told when the next heist can be started. */
  notice: Type.Boolean(),
  sites: Type.Array(HeistSite, { minItems: 1, maxItems: 10 }),
})
export type HeistSettings = Static<typeof HeistSettings>

export const DuelSettings = game({
  stakes: Stakes,
  take: GameWord,
  pass: GameWord,
  withdraw: GameWord,
  answerSeconds: whole(10, 3600),
  /** From the acceptance to the outcome. */
  suspenseSeconds: whole(0, 30),
  rakeBp: whole(0, 5000),
})
export type DuelSettings = Static<typeof DuelSettings>

export const RouletteSettings = game({
  stakes: Stakes,
  /** How long bets are taken; 0: every line is a spin of its own. */
  betSeconds: whole(0, 600),
  /** From the last bet to the number. */
  suspenseSeconds: whole(0, 30),
  /** The most that the house stands to pay in one spin. */
  houseLimit: whole(1, 1_000_000_000_000),
})
export type RouletteSettings = Static<typeof RouletteSettings>

const SymbolName = Type.String({ minLength: 1, maxLength: 16, pattern: '^\\S+$' })

export const ReelsSettings = game({
  stakes: Stakes,
  strip: Type.Array(Type.Object({ symbol: SymbolName, weight: whole(1, 1000) }, closed), { minItems: 2, maxItems: 12 }),
  table: Type.Array(
    Type.Object(
      {
        match: Type.Union([Type.Literal('three'), Type.Literal('two')]),
        symbol: SymbolName,
        multiplier: whole(0, 1_000_000),
      },
      closed,
    ),
    { minItems: 1, maxItems: 24 },
  ),
})
export type ReelsSettings = Static<typeof ReelsSettings>

/** `multiplier`: what the right side pays, in hundredths of the stake, the stake included. */
export const CoinSettings = game({ stakes: Stakes, multiplier: whole(1, 10_000) })
export type CoinSettings = Static<typeof CoinSettings>

export const CupSettings = game({})
export type CupSettings = Static<typeof CupSettings>

const Gathering = {
  gatherSeconds: whole(10, 600),
  leastCrew: whole(1, 1000),
  mostCrew: whole(1, 10_000),
  /** Between two waves or blows. */
  pauseSeconds: whole(2, 60),
}

export const ScrambleSettings = game({
  ...Gathering,
  /** What everybody puts in; 0: nothing. */
  stake: SetAmount,
  /** What the house adds to the prize. */
  adds: SetAmount,
  rakeBp: whole(0, 5000),
  /** What each place gets of the prize, in parts per million. */
  sharesPpm: Type.Array(whole(1, 1_000_000), { minItems: 1, maxItems: 20 }),
})
export type ScrambleSettings = Static<typeof ScrambleSettings>

export const BossSettings = game({
  ...Gathering,
  stakes: Stakes,
  /** Who is fought, and how it looks. */
  name: Name,
  picture: StillRef,
  ownPpm: whole(1, 1_000_000),
  bonusPpm: whole(0, 100_000),
  capPpm: whole(1, 1_000_000),
  blows: whole(1, 20),
  needPpm: whole(1, 1_000_000),
  multiplier: whole(100, 100_000),
  lastBlowBonus: SetAmount,
})
export type BossSettings = Static<typeof BossSettings>

export const GAME_SETTINGS = {
  heist: HeistSettings,
  duel: DuelSettings,
  roulette: RouletteSettings,
  reels: ReelsSettings,
  coin: CoinSettings,
  cup: CupSettings,
  scramble: ScrambleSettings,
  boss: BossSettings,
} as const

export interface SettingsOf {
  readonly heist: HeistSettings
  readonly duel: DuelSettings
  readonly roulette: RouletteSettings
  readonly reels: ReelsSettings
  readonly coin: CoinSettings
  readonly cup: CupSettings
  readonly scramble: ScrambleSettings
  readonly boss: BossSettings
}

/** Something about each game, from how it is set. */
export type ByGame<T, A extends readonly unknown[] = []> = {
  readonly [G in Game]: (settings: SettingsOf[G], ...more: A) => T
}

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
