import { Type } from '@sinclair/typebox'
import { Amount, Count, oneOf, orNull, RoundId, UnixSeconds } from '../schema.ts'
import { GAMES } from './names.ts'
import type { RoundStatus } from './rounds.ts'
import type { ShownState, Told } from './tellRound.ts'

const round = {
  round: RoundId,
  game: oneOf(GAMES),
  status: Type.Unsafe<RoundStatus>(Type.String()),
  seats: Count,
  staked: Amount,
  paid: Amount,
  nextAt: orNull(UnixSeconds),
  why: orNull(Type.String()),
  by: orNull(Type.String()),
  state: Type.Unsafe<ShownState>(Type.Object({ of: Type.String() })),
  crew: Type.Optional(Type.Unsafe<readonly Told[]>(Type.Array(Type.Object({})))),
}

import { fact } from '../world/index.ts'

/** What is told of games. */
export const gameFacts = {
  'duel.asked': fact(['viewer'], 'Somebody calls them to a duel.', {
    round: RoundId,
    by: Type.String(),
    stake: Amount,
    until: UnixSeconds,
  }),
  'games.changed': fact(['everyone', 'desk'], 'A game, all of them, or a text of theirs is set otherwise.', {
    game: Type.Optional(oneOf(GAMES)),
    text: Type.Optional(Type.String()),
  }),
  'player.sitsOut': fact(['viewer'], 'They play nothing until then.', { until: orNull(UnixSeconds) }),
  'round.changed': fact(['everyone'], 'A round stands otherwise.', round),
  'round.ended': fact(['everyone'], 'A round is over; its seed is told.', { ...round, seed: Type.String() }),
  'round.joined': fact(['everyone'], 'Somebody came into a round.', {
    round: RoundId,
    game: oneOf(GAMES),
    name: Type.String(),
    bets: Type.Optional(Type.String()),
    stake: Amount,
    seats: Count,
    staked: Amount,
  }),
}

type Declared = typeof gameFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
