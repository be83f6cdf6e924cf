import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { CupRules, GAME_SETTINGS, GAMES, type GameTextKey, HeistSite, Wagering } from '#core/games'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'

export const AllGames = exactly(GAME_SETTINGS)

/** A channel's own texts of games, by what they are said of. */
export const GameTexts = Type.Unsafe<Partial<Record<GameTextKey, string[]>>>(
  Type.Record(Type.String(), Type.Array(Type.String())),
)

export const DeskGame = exactly({ game: oneOf(GAMES), rounds: Type.Number(), staked: Count, paid: Count })

export const SeatPlan = exactly({
  leaveAfter: Type.Optional(Type.Number()),
  on: Type.Optional(
    Type.Union([
      exactly({ on: Type.Literal('number'), number: Type.Number() }),
      exactly({
        on: oneOf(['dozen', 'column']),
        which: Type.Union([Type.Literal(1), Type.Literal(2), Type.Literal(3)]),
      }),
      exactly({ on: oneOf(['red', 'black', 'low', 'odd', 'even', 'high']) }),
    ]),
  ),
})

export const SeatState = oneOf(['in', 'out', 'caught', 'back', 'won', 'lost'])

export const DeskCrew = exactly({
  round: Id,
  viewer: Id,
  name: Type.String(),
  stake: Type.Number(),
  plan: SeatPlan,
  state: SeatState,
  room: orNull(Type.Number()),
  paid: Count,
})

export const RoundStatus = oneOf(['settled', 'opened', 'gathering', 'running', 'off'])

export const HeistState = exactly({
  of: Type.Literal('heist'),
  site: orNull(HeistSite),
  step: Type.Number(),
  drawn: Type.Number(),
  inside: Type.Number(),
})

export const Duellist = exactly({ id: Id, name: Type.String() })

export const DuelState = exactly({
  of: Type.Literal('duel'),
  challenger: Duellist,
  challenged: orNull(Duellist),
  stake: Type.Number(),
  rakeBp: Type.Number(),
  winner: orNull(Type.Number()),
})

export const RouletteState = exactly({
  of: Type.Literal('roulette'),
  pays: Type.Array(Type.Number()),
  number: orNull(Type.Number()),
})

export const StripSymbol = exactly({ symbol: Type.String(), weight: Count })

export const PayLine = exactly({ match: oneOf(['three', 'two']), symbol: Type.String(), multiplier: Type.Number() })

export const Machine = exactly({ strip: Type.Array(StripSymbol), table: Type.Array(PayLine) })

export const ReelsState = exactly({ of: Type.Literal('reels'), machine: Machine, shown: Type.Array(Type.String()) })

export const CoinState = exactly({
  of: Type.Literal('coin'),
  multiplier: Type.Number(),
  called: oneOf(['heads', 'tails']),
  side: oneOf(['heads', 'tails']),
})

export const Entrant = exactly({ id: Id, name: Type.String(), seat: Type.Number(), kept: Type.Boolean() })

export const Match = exactly({
  id: Id,
  level: Type.Number(),
  a: orNull(Type.Number()),
  b: orNull(Type.Number()),
  ready: Type.Array(Type.Number()),
  games: Type.Array(Type.Number()),
  winner: orNull(Type.Number()),
  how: orNull(oneOf(['played', 'walkover', 'bye', 'lot'])),
})

export const CupState = exactly({
  of: Type.Literal('cup'),
  rules: CupRules,
  entrants: Type.Array(Entrant),
  drawnFrom: Type.Array(Type.Number()),
  order: Type.Array(Id),
  matches: Type.Array(Match),
  current: orNull(Type.Number()),
})

export const DeskRound = exactly({
  crew: Type.Array(DeskCrew),
  id: Id,
  game: oneOf(GAMES),
  status: RoundStatus,
  openedAt: UnixSeconds,
  openerName: orNull(Type.String()),
  commitment: Type.String(),
  seedOrigin: oneOf(['own', 'channel']),
  nextAt: orNull(UnixSeconds),
  seats: Count,
  staked: Count,
  paid: Count,
  state: Type.Union([HeistState, DuelState, RouletteState, ReelsState, CoinState, CupState]),
  endedAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
})

export const DeskGamesAnswer = exactly({
  settings: AllGames,
  wagering: Wagering,
  texts: GameTexts,
  lately: exactly({ games: Type.Array(DeskGame), shows: Type.Number() }),
  rounds: Type.Array(DeskRound),
  last: Type.Array(Type.Number()),
  currency: Currency,
})

export const DeskRoundsAnswer = exactly({ rounds: Type.Array(DeskRound) })

export const OneGame = Type.Union(Object.values(GAME_SETTINGS))

export const DeskGamesPutAnswer = exactly({ game: oneOf(GAMES), settings: OneGame })

export const GamesAnswer = exactly({
  now: UnixSeconds,
  currency: Currency,
  games: Type.Record(Type.String(), OneGame),
  words: GAME_SETTINGS.duel,
  wagering: Wagering,
  rounds: Type.Array(DeskRound),
  last: Type.Array(Type.Number()),
})

export const Seat = exactly({
  round: Id,
  game: oneOf(GAMES),
  stake: Type.Number(),
  paid: Count,
  state: SeatState,
  at: UnixSeconds,
  plan: SeatPlan,
})

export const MeGamesAnswer = exactly({
  viewer: orNull(Id),
  sitsOutUntil: UnixSeconds,
  rounds: Type.Number(),
  staked: Count,
  paid: Count,
  seats: Type.Array(Seat),
})

export const Round = exactly({
  id: Id,
  game: oneOf(GAMES),
  status: RoundStatus,
  openedAt: UnixSeconds,
  openerName: orNull(Type.String()),
  commitment: Type.String(),
  seedOrigin: oneOf(['own', 'channel']),
  nextAt: orNull(UnixSeconds),
  seats: Count,
  staked: Count,
  paid: Count,
  state: Type.Union([HeistState, DuelState, RouletteState, ReelsState, CoinState, CupState]),
  endedAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
})

export const RoundSeat = exactly({
  viewer: Id,
  name: Type.String(),
  stake: Type.Number(),
  plan: SeatPlan,
  state: SeatState,
  room: orNull(Type.Number()),
  paid: Count,
})

export const RoundAnswer = exactly({
  seed: orNull(Type.String()),
  seats: Type.Array(RoundSeat),
  id: Id,
  game: oneOf(GAMES),
  status: RoundStatus,
  openedAt: UnixSeconds,
  openerName: orNull(Type.String()),
  commitment: Type.String(),
  seedOrigin: oneOf(['own', 'channel']),
  nextAt: orNull(UnixSeconds),
  staked: Count,
  paid: Count,
  state: Type.Union([HeistState, DuelState, RouletteState, ReelsState, CoinState, CupState]),
  endedAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
})
