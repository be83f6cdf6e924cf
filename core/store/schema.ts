import { type Static, Type } from '@sinclair/typebox'
import { Who } from '../access/index.ts'
import { closed, Id, IdOrNull, oneOf, orNull, whole } from '../schema.ts'
import { StillRef } from '../screen/index.ts'
import { Steps } from '../steps/index.ts'
import { keyedBy, stored, textIn } from '../world/index.ts'
import { OVER_WINDOWS } from './windows.ts'

const Time = orNull(whole(0, 9_999_999_999))

/** The most letters a buyer's text may have, whatever the reward allows. */
export const MAX_TEXT = 500

const Question = Type.String({ minLength: 1, maxLength: 100, pattern: '\\S' })

/** What the buyer must tell. */
export const Asks = Type.Union([
  Type.Object({ of: Type.Literal('nothing') }, closed),
  Type.Object(
    { of: Type.Literal('text'), question: Question, least: whole(1, MAX_TEXT), most: whole(1, MAX_TEXT) },
    closed,
  ),
  Type.Object(
    {
      of: Type.Literal('choice'),
      question: Question,
      choices: Type.Array(Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }), { minItems: 2, maxItems: 50 }),
    },
    closed,
  ),
  Type.Object(
    {
      of: Type.Literal('number'),
      question: Question,
      from: whole(-1_000_000_000, 1_000_000_000),
      to: whole(-1_000_000_000, 1_000_000_000),
    },
    closed,
  ),
  Type.Object({ of: Type.Literal('link'), question: Question }, closed),
])
export type Asks = Static<typeof Asks>

const Most = orNull(whole(1, 1_000_000))
/** How many at most; null: without limit. In all, and in each window (a show, a day of the channel's time zone). */
const Mosts = Type.Object({ all: Most, ...keyedBy(OVER_WINDOWS, () => Most) }, closed)

export const KINDS = ['hand', 'itself', 'code'] as const

/** What the streamer sets of a reward. Times in seconds since 1970, durations in seconds. */
export const RewardSettings = Type.Object(
  {
    /** What is typed behind the word for buying. */
    word: Type.String({ pattern: '^[a-z0-9_-]{1,30}$' }),
    /** Whether the word alone ("!whistle") buys it, too. */
    command: Type.Boolean(),
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    description: Type.String({ maxLength: 600 }),
    group: Type.String({ maxLength: 40 }),
    on: Type.Boolean(),
    price: whole(0, 1_000_000_000),
    /** What it costs of a tally, beside the price or in its place. */
    tally: orNull(Type.Object({ tally: Id, count: whole(1, 1_000_000) }, closed)),
    /** `hand`: waits on the bench until somebody has done it. `itself`: its steps run. `code`: hands out a code of its list. */
    kind: oneOf(KINDS),
    picture: StillRef,
    /** Which alert it shows when it is bought. */
    alert: IdOrNull,
    asks: Asks,
    /** What the buyer must confirm; empty: nothing. */
    confirm: Type.String({ maxLength: 120 }),
    /** By post: the address is asked for, and erased so many days after the order is done. */
    post: orNull(Type.Object({ days: whole(1, 365) }, closed)),
    who: Who,
    /** So many hours must have been watched. */
    hours: whole(0, 100_000),
    /** A word that must be known to see and buy it; empty: none. */
    secret: Type.String({ maxLength: 30, pattern: '^\\S*$' }),
    onAir: Type.Boolean(),
    from: Time,
    to: Time,
    stock: Mosts,
    /** With one press there are so many left again; null: nothing to press. */
    refill: Most,
    /** So many left, and the desk says so; 0: never. */
    lowStock: whole(0, 1_000_000),
    /** For each viewer. */
    each: Mosts,
    rest: Type.Object({ everyoneSeconds: whole(0, 2_592_000), eachSeconds: whole(0, 2_592_000) }, closed),
    /** What is bought ends after so long: a circle is left again, or the order comes back to the bench. */
    perk: orNull(Type.Object({ seconds: whole(60, 31_536_000), circle: IdOrNull }, closed)),
    steps: Steps,
    /** Whether chat is told of each purchase. */
    say: Type.Boolean(),
    /** What the buyer is told when it is done, which is at once where nobody has to do it (Liquid); empty: nothing. */
    doneText: Type.String({ maxLength: 300 }),
    doneTo: oneOf(['room', 'private']),
    /** So many codes left, and the desk warns. */
    low: whole(0, 1000),
  },
  closed,
)
export type RewardSettings = Static<typeof RewardSettings>
export type RewardKind = RewardSettings['kind']

/** No limit. */
export const UNLIMITED = { all: null, ...keyedBy(OVER_WINDOWS, () => null) }

/** A reward as it begins: done by hand, for everyone, without limits. */
export const PLAIN_REWARD: RewardSettings = {
  word: '',
  command: false,
  name: '',
  description: '',
  group: '',
  on: true,
  price: 100,
  tally: null,
  kind: 'hand',
  picture: 'tag',
  alert: null,
  asks: { of: 'nothing' },
  confirm: '',
  post: null,
  who: { everyone: true, streamer: false, standings: [], rank: null, people: [] },
  hours: 0,
  secret: '',
  onAir: false,
  from: null,
  to: null,
  stock: UNLIMITED,
  refill: null,
  lowStock: 0,
  each: UNLIMITED,
  rest: { everyoneSeconds: 0, eachSeconds: 0 },
  perk: null,
  steps: [],
  say: true,
  doneText: '',
  doneTo: 'room',
  low: 3,
}

export const storedReward = stored('reward', RewardSettings, {
  initial: PLAIN_REWARD,
  off: (kept) => ({
    ...PLAIN_REWARD,
    name: textIn(kept, 'name', 60) || 'Unreadable reward',
    word: textIn(kept, 'word', 30) || 'unreadable',
    on: false,
  }),
})
