import { Type } from '@sinclair/typebox'
import { Amount, Count, Id, orNull, RaffleId, UnixSeconds } from '../schema.ts'
import type { RaffleStatus } from './rows.ts'

const Status = Type.Unsafe<RaffleStatus>(Type.String())
const strip = { total: Count, slices: Type.Array(Type.Tuple([Count, orNull(Type.String())])) }

import { fact } from '../world/index.ts'

/** What is told of raffles. */
export const raffleFacts = {
  'raffle.changed': fact(['everyone'], 'A raffle opened or closed, was drawn, or was changed.', {
    raffle: RaffleId,
    status: Status,
    closesAt: orNull(UnixSeconds),
    title: Type.Optional(Type.String()),
    draws: Type.Optional(Count),
    won: Type.Optional(Count),
  }),
  'raffle.counted': fact(['everyone'], 'How much is in, at most once a second, and some of those who came in since.', {
    raffle: RaffleId,
    people: Count,
    tickets: Count,
    weight: Count,
    paid: Amount,
    names: Type.Array(Type.String()),
    came: Count,
  }),
  'raffle.drawn': fact(
    ['everyone'],
    'A draw is being shown: the odds bar, and until when. Who was picked is not in it.',
    {
      raffle: RaffleId,
      ...strip,
      from: UnixSeconds,
      until: UnixSeconds,
    },
  ),
  'raffle.ended': fact(['everyone'], 'A raffle is over; its seed is told.', {
    raffle: RaffleId,
    status: Status,
    title: Type.String(),
    seed: Type.String(),
    why: orNull(Type.String()),
  }),
  'raffle.own': fact(['viewer'], 'They are in with so many tickets, out again, or were drawn.', {
    raffle: RaffleId,
    tickets: Type.Optional(Count),
    paid: Type.Optional(Amount),
    won: Type.Optional(Id),
  }),
  'raffle.recorded': fact(['desk'], 'What became of a winner was noted.', { raffle: RaffleId, draw: Id }),
  'raffle.revealed': fact(['everyone'], 'Winners were drawn: who, and where the marker stops for each.', {
    raffle: RaffleId,
    ...strip,
    picks: Type.Array(Type.Object({ draw: Id, name: Type.String(), mark: Count })),
    at: UnixSeconds,
  }),
  'raffle.setups': fact(['desk'], 'A kept set-up was saved, or is gone.', { setup: Id }),
}

type Declared = typeof raffleFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
