import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { GAME_SETTINGS, GAMES, type GameTextKey, RoundStates, SeatPlan, SeatState, Wagering } from '#core/games'
import { Amount, Count, exactly, Id, oneOf, orNull, RoundId, UnixSeconds, ViewerId } from '#core/schema'

export const AllGames = exactly(GAME_SETTINGS)

/** A channel's own texts of games, by what they are said of. */
export const GameTexts = Type.Unsafe<Partial<Record<GameTextKey, string[]>>>(
  Type.Record(Type.String(), Type.Array(Type.String())),
)

export const GameLately = exactly({ game: oneOf(GAMES), rounds: Count, staked: Amount, paid: Amount })

export const RoundSeat = exactly({
  viewer: ViewerId,
  name: Type.String(),
  stake: Amount,
  plan: SeatPlan,
  state: SeatState,
  room: orNull(Count),
  paid: Amount,
})

export const CrewSeat = exactly({ ...RoundSeat.properties, round: RoundId })

export const RoundStatus = oneOf(['settled', 'opened', 'gathering', 'running', 'off'])

/** A round as everybody sees it; never its seed before it has ended. */
export const RoundHead = exactly({
  id: Id,
  game: oneOf(GAMES),
  status: RoundStatus,
  openedAt: UnixSeconds,
  openerName: orNull(Type.String()),
  commitment: Type.String(),
  seedOrigin: oneOf(['own', 'channel']),
  nextAt: orNull(UnixSeconds),
  seats: Count,
  staked: Amount,
  paid: Amount,
  state: RoundStates,
  endedAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
})

/** A round that is on, with those who are named of it. */
export const OpenRound = exactly({ ...RoundHead.properties, crew: Type.Array(CrewSeat) })

export const DeskGames = exactly({
  settings: AllGames,
  wagering: Wagering,
  texts: GameTexts,
  lately: exactly({ games: Type.Array(GameLately), shows: Count }),
  rounds: Type.Array(OpenRound),
  last: Type.Array(Count),
  currency: Currency,
})

export const OpenRounds = exactly({ rounds: Type.Array(OpenRound) })

export const OneGame = Type.Union(Object.values(GAME_SETTINGS))

export const GameSaved = exactly({ game: oneOf(GAMES), settings: OneGame })

export const GamesView = exactly({
  now: UnixSeconds,
  currency: Currency,
  games: Type.Partial(AllGames),
  words: GAME_SETTINGS.duel,
  wagering: Wagering,
  rounds: Type.Array(OpenRound),
  last: Type.Array(Count),
})

export const OwnSeat = exactly({
  round: RoundId,
  game: oneOf(GAMES),
  stake: Amount,
  paid: Amount,
  state: SeatState,
  at: UnixSeconds,
  plan: SeatPlan,
})

export const OwnGames = exactly({
  viewer: orNull(ViewerId),
  sitsOutUntil: UnixSeconds,
  rounds: Count,
  staked: Amount,
  paid: Amount,
  seats: Type.Array(OwnSeat),
})

/** A round with everybody in it; its seed once it has ended. */
export const WholeRound = exactly({
  ...RoundHead.properties,
  seed: orNull(Type.String()),
  seats: Type.Array(RoundSeat),
})
