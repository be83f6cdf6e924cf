import { Type } from '@sinclair/typebox'
import { Amount, BetId, Count, Id, orNull, UnixSeconds } from '../schema.ts'
import { fact } from '../world/index.ts'
import type { BetStatus } from './rows.ts'

const Status = Type.Unsafe<BetStatus>(Type.String())

/** What is told of bets. */
export const betFacts = {
  'bet.changed': fact(['everyone'], 'A bet opened, was locked, has a winner, or was changed.', {
    bet: BetId,
    status: Status,
    question: Type.String(),
    locksAt: orNull(UnixSeconds),
    winner: orNull(Type.String()),
  }),
  'bet.counted': fact(['everyone'], 'How many are on each outcome and with how much, at most once a second.', {
    bet: BetId,
    people: Type.Array(Count),
    staked: Type.Array(Amount),
    backers: Count,
  }),
  'bet.ended': fact(['everyone'], 'A bet is over: paid, or all stakes are back.', {
    bet: BetId,
    status: Status,
    question: Type.String(),
    winner: orNull(Type.String()),
    why: orNull(Type.String()),
  }),
  'bet.own': fact(['viewer'], 'They have so much in a bet now, or were paid.', {
    bet: BetId,
    staked: Amount,
    won: Amount,
  }),
  'bet.recorded': fact(['desk'], 'What shows how a bet ended was noted.', { bet: BetId }),
  'bet.setups': fact(['desk'], 'A template was saved or is gone, or the usual terms are others.', {
    template: orNull(Id),
  }),
}

type Declared = typeof betFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
