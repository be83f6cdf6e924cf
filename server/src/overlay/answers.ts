import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { SeatState } from '#core/games'
import { Amount, Count, exactly, Id, orNull, RoundId, UnixSeconds } from '#core/schema'
import { OverlaySettings } from '#core/screen'
import { BetHead } from '../bets/index.ts'
import { RoundHead } from '../games/index.ts'
import { GoalHead } from '../goals/index.ts'
import { Drawing, RaffleStatus } from '../raffles/index.ts'

/** Seconds from the moment in which it is told. */
const Left = Type.Integer()

const { id: _id, openerName: _by, ...round } = RoundHead.properties

/** A round as its piece is told of it. */
const RoundOnPiece = exactly({
  ...round,
  round: RoundId,
  by: orNull(Type.String()),
  left: orNull(Left),
  crew: Type.Array(
    exactly({
      name: Type.String(),
      state: SeatState,
      paid: Amount,
      told: Type.String(),
      hits: Type.Optional(Count),
    }),
  ),
})

/** A raffle as its piece is told of it. `word` null: it is not entered by one. */
const RaffleOnPiece = exactly({
  id: Id,
  status: RaffleStatus,
  title: Type.String(),
  prize: Type.String(),
  word: orNull(Type.String()),
  people: Count,
  tickets: Count,
  left: orNull(Left),
  names: Type.Array(Type.String()),
  drawing: orNull(Drawing),
  waiting: Type.Array(exactly({ name: Type.String(), left: Left })),
  won: Type.Array(exactly({ name: Type.String(), line: orNull(Type.String()), chance: Type.String() })),
  /** Seconds since the last prize was won; null: none was. */
  wonAgo: orNull(Left),
})

/** A bet as its piece is told of it. */
const BetOnPiece = exactly({
  id: Id,
  status: BetHead.properties.status,
  question: Type.String(),
  lanes: BetHead.properties.lanes,
  backers: Count,
  winner: orNull(Count),
  rakeBp: Count,
  left: orNull(Left),
  word: Type.String(),
  winners: Count,
  prize: Amount,
  refunded: Type.Boolean(),
})

/** A goal as its piece is told of it. `word`: what is typed to chip in. */
const GoalOnPiece = exactly({
  id: Id,
  title: Type.String(),
  paid: Amount,
  target: Amount,
  milestones: GoalHead.properties.milestones,
  lastName: Type.String(),
  lastAmount: Amount,
  word: Type.String(),
})

/** What a piece shows at first, beside what it is told live. */
const Shown = exactly({
  lines: Type.Optional(Type.Array(exactly({ name: Type.String(), value: Type.String() }))),
  figure: Type.Optional(Type.Integer()),
  text: Type.Optional(Type.String()),
  said: Type.Optional(
    Type.Array(exactly({ at: UnixSeconds, name: Type.String(), text: Type.String(), bot: Type.Boolean() })),
  ),
  round: Type.Optional(RoundOnPiece),
  raffle: Type.Optional(RaffleOnPiece),
  bet: Type.Optional(BetOnPiece),
  goal: Type.Optional(GoalOnPiece),
})

const { background: _background, ...settings } = OverlaySettings.properties

/** Everything that an overlay's page is told at its start: its pieces, and what each of them shows now, by its id. */
export const OverlayPage = exactly({
  ...settings,
  seq: Count,
  shown: Type.Record(Type.String(), Shown),
  currency: Currency,
  /** Where the library's files are. */
  media: Type.String(),
  paused: Type.Boolean(),
})
