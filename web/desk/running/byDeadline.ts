import { betDeadline, type DeskBet } from '../bets/view.ts'
import type { OpenRound } from '../games/view.ts'
import { deadlineOf } from '../raffles/next.ts'
import type { DeskRaffle } from '../raffles/view.ts'

/** Something that is running. */
export type RunningOne =
  | { readonly of: 'raffle'; readonly until: number | null; readonly raffle: DeskRaffle }
  | { readonly of: 'bet'; readonly until: number | null; readonly bet: DeskBet }
  | { readonly of: 'round'; readonly until: number | null; readonly round: OpenRound }

const NEVER = Number.POSITIVE_INFINITY

/** What is running by what happens next; what waits for a press alone comes last. */
export const byDeadline = (
  raffles: readonly DeskRaffle[],
  rounds: readonly OpenRound[],
  bets: readonly DeskBet[] = [],
): RunningOne[] =>
  [
    ...raffles.map((raffle) => ({ of: 'raffle' as const, until: deadlineOf(raffle), raffle })),
    ...bets.map((bet) => ({ of: 'bet' as const, until: betDeadline(bet), bet })),
    ...rounds.map((round) => ({ of: 'round' as const, until: round.nextAt, round })),
  ].sort((a, b) => (a.until ?? NEVER) - (b.until ?? NEVER) || 0)
