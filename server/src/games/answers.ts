import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { CupRules, GAME_SETTINGS, GAMES, type GameTextKey, HeistSite, Wagering } from '#core/games'
import { Amount, Count, exactly, Id, OrderId, oneOf, orNull, RoundId, UnixSeconds, ViewerId } from '#core/schema'

export const AllGames = exactly(GAME_SETTINGS)

/** A channel's own texts of games, by what they are said of. */
export const GameTexts = Type.Unsafe<Partial<Record<GameTextKey, string[]>>>(
  Type.Record(Type.String(), Type.Array(Type.String())),
)

export const GameLately = exactly({ game: oneOf(GAMES), rounds: Count, staked: Amount, paid: Amount })

export const SeatPlan = exactly({
  leaveAfter: Type.Optional(Count),
  hits: Type.Optional(Count),
  on: Type.Optional(
    Type.Union([
      exactly({ on: Type.Literal('number'), number: Count }),
      exactly({
        on: oneOf(['dozen', 'column']),
        which: Type.Union([Type.Literal(1), Type.Literal(2), Type.Literal(3)]),
      }),
      exactly({ on: oneOf(['red', 'black', 'low', 'odd', 'even', 'high']) }),
    ]),
  ),
})

export const SeatState = oneOf(['in', 'out', 'caught', 'back', 'won', 'lost'])

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

export const HeistState = exactly({
  of: Type.Literal('heist'),
  site: orNull(HeistSite),
  step: Count,
  drawn: Count,
  inside: Count,
})

export const Duellist = exactly({ id: Id, name: Type.String() })

export const DuelState = exactly({
  of: Type.Literal('duel'),
  challenger: Duellist,
  challenged: orNull(Duellist),
  stake: Amount,
  rakeBp: Count,
  winner: orNull(Count),
})

export const RouletteState = exactly({
  of: Type.Literal('roulette'),
  pays: Type.Array(Count),
  number: orNull(Count),
})

export const StripSymbol = exactly({ symbol: Type.String(), weight: Count })

export const PayLine = exactly({ match: oneOf(['three', 'two']), symbol: Type.String(), multiplier: Count })

export const Machine = exactly({ strip: Type.Array(StripSymbol), table: Type.Array(PayLine) })

export const ReelsState = exactly({ of: Type.Literal('reels'), machine: Machine, shown: Type.Array(Type.String()) })

export const CoinState = exactly({
  of: Type.Literal('coin'),
  multiplier: Count,
  called: oneOf(['heads', 'tails']),
  side: oneOf(['heads', 'tails']),
})

export const Entrant = exactly({ id: Id, name: Type.String(), seat: Count, kept: Type.Boolean() })

export const Match = exactly({
  id: Id,
  level: Count,
  a: orNull(Count),
  b: orNull(Count),
  ready: Type.Array(Count),
  games: Type.Array(Count),
  winner: orNull(Count),
  how: orNull(oneOf(['played', 'walkover', 'bye', 'lot'])),
})

export const CupState = exactly({
  of: Type.Literal('cup'),
  rules: CupRules,
  entrants: Type.Array(Entrant),
  drawnFrom: Type.Array(Count),
  order: Type.Array(OrderId),
  matches: Type.Array(Match),
  current: orNull(Count),
})

export const ScrambleState = exactly({
  of: Type.Literal('scramble'),
  stake: Amount,
  adds: Amount,
  rakeBp: Count,
  sharesPpm: Type.Array(Count),
  wave: Count,
  left: Count,
})

const Strength = exactly({
  ownPpm: Count,
  bonusPpm: Count,
  capPpm: Count,
  blows: Count,
  needPpm: Count,
  multiplier: Count,
  lastBlowBonus: Amount,
})

export const BossState = exactly({
  of: Type.Literal('boss'),
  name: Type.String(),
  picture: Type.String(),
  strength: Strength,
  needed: Count,
  hits: Count,
  step: Count,
  lastBlow: orNull(ViewerId),
})

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
  state: Type.Union([HeistState, DuelState, RouletteState, ReelsState, CoinState, CupState, ScrambleState, BossState]),
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
