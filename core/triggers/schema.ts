import { type Static, Type } from '@sinclair/typebox'
import { Limits, Who } from '../access/index.ts'
import { oneOfThese, Steps } from '../steps/index.ts'

const closed = { additionalProperties: false }
const Id = Type.Integer({ minimum: 1, maximum: Number.MAX_SAFE_INTEGER })
const Least = Type.Integer({ minimum: 0, maximum: 1_000_000_000 })
/** From so many up, to so many (null: any number). */
const range = { from: Least, to: Type.Union([Least, Type.Null()]) }

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

/** What sets a trigger off. */
export const Source = Type.Union([
  Type.Object(
    { of: oneOfThese(['follow', 'firstInShow', 'firstEver', 'showStarted', 'showEnded', 'heistEnded', 'cupWon']) },
    closed,
  ),
  Type.Object({ of: oneOfThese(['subscription', 'gift', 'raid', 'tip', 'cheer', 'gameWon']), ...range }, closed),
  Type.Object(
    {
      of: Type.Literal('outside'),
      /** The id of a reward that the platform reported. */
      reward: Type.String({ minLength: 1, maxLength: 100 }),
      approval: oneOfThese(['itself', 'hand']),
    },
    closed,
  ),
  Type.Object(
    {
      of: Type.Literal('timer'),
      minutes: Type.Integer({ minimum: 1, maximum: 1440 }),
      lines: Type.Integer({ minimum: 0, maximum: 10_000 }),
    },
    closed,
  ),
  Type.Object({ of: Type.Literal('rankReached'), rank: Type.Union([Id, Type.Null()]) }, closed),
  Type.Object(
    {
      of: oneOfThese(RAFFLE_SOURCES),
      /** Only of raffles that were started from this set-up; null: of all. */
      setup: Type.Union([Id, Type.Null()]),
    },
    closed,
  ),
  Type.Object({ of: Type.Literal('orderPlaced'), reward: Type.Union([Id, Type.Null()]) }, closed),
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
