import { type Static, Type } from '@sinclair/typebox'
import { EVERYONE_MAY, Limits, NO_LIMITS, Who } from '../access/index.ts'
import { GAMES } from '../games/index.ts'
import { closed, Id, oneOf, orNull, whole } from '../schema.ts'
import { Steps } from '../steps/index.ts'
import { stored, textIn } from '../world/index.ts'

const Least = whole(0, 1_000_000_000)
/** From so many up, to so many (null: any number). */
const range = { from: Least, to: orNull(Least) }

/** The moments of a raffle. */
export const RAFFLE_SOURCES = [
  'raffleOpened',
  'raffleEntered',
  'raffleReminder',
  'raffleClosingSoon',
  'raffleClosed',
  'raffleWon',
  'raffleClaimed',
  'raffleUnclaimed',
] as const

/** The moments of a bet. */
export const BET_SOURCES = ['betOpened', 'betLocked', 'betSettled'] as const

/** The colours that a button of the desk can have. */
export const BUTTON_COLOURS = ['plain', 'brass', 'moss', 'brick'] as const

/** What sets a trigger off. */
export const Source = Type.Union([
  Type.Object(
    {
      of: oneOf([
        'follow',
        'firstInShow',
        'firstEver',
        'showStarted',
        'showEnded',
        'heistEnded',
        'cupWon',
        'goalMilestone',
        'goalReached',
      ]),
    },
    closed,
  ),
  Type.Object({ of: oneOf(['subscription', 'gift', 'raid', 'tip', 'cheer']), ...range }, closed),
  Type.Object(
    {
      of: oneOf(['gameWon', 'gameLost']),
      ...range,
      /** In this game only; null, or left out: in any. */
      game: Type.Optional(orNull(oneOf(GAMES))),
    },
    closed,
  ),
  Type.Object(
    {
      of: Type.Literal('outside'),
      /** The id of a reward that the platform reported. */
      reward: Type.String({ minLength: 1, maxLength: 100 }),
      approval: oneOf(['itself', 'hand']),
    },
    closed,
  ),
  Type.Object(
    {
      of: Type.Literal('timer'),
      minutes: whole(1, 1440),
      lines: whole(0, 10_000),
    },
    closed,
  ),
  Type.Object(
    {
      of: Type.Literal('button'),
      /** The board that it is on; empty: the first one, which needs no name. */
      board: Type.String({ maxLength: 40 }),
      colour: oneOf(BUTTON_COLOURS),
      /** Whether a second press is asked for, so that a slip of a finger does nothing. */
      confirm: Type.Boolean(),
    },
    closed,
  ),
  Type.Object({ of: Type.Literal('rankReached'), rank: orNull(Id) }, closed),
  Type.Object(
    {
      of: oneOf(RAFFLE_SOURCES),
      /** Only of raffles that were started from this set-up; null: of all. */
      setup: orNull(Id),
    },
    closed,
  ),
  Type.Object(
    {
      of: oneOf(BET_SOURCES),
      /** Only of bets that were opened from this template; null: of all. */
      setup: orNull(Id),
    },
    closed,
  ),
  Type.Object({ of: Type.Literal('orderPlaced'), reward: orNull(Id) }, closed),
])
export type Source = Static<typeof Source>
export type SourceKind = Source['of']

/** Something that sets steps going, and what happens then. */
export const TriggerSettings = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    group: Type.String({ maxLength: 40 }),
    on: Type.Boolean(),
    source: Source,
    who: Who,
    onAir: Type.Boolean(),
    limits: Limits,
    steps: Steps,
  },
  closed,
)
export type TriggerSettings = Static<typeof TriggerSettings>

/** A trigger that does nothing. */
const NO_TRIGGER: TriggerSettings = {
  name: 'Unreadable trigger',
  group: '',
  on: false,
  source: { of: 'follow' },
  who: EVERYONE_MAY,
  onAir: false,
  limits: NO_LIMITS,
  steps: [],
}

export const storedTrigger = stored('trigger', TriggerSettings, {
  off: (kept) => ({ ...NO_TRIGGER, name: textIn(kept, 'name', 60) || NO_TRIGGER.name }),
})
