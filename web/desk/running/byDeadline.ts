import type { OpenRound } from '../games/view.ts'
import { deadlineOf } from '../raffles/next.ts'
import type { DeskRaffle } from '../raffles/view.ts'

/** Something that is running. */
export type RunningOne =
  | { readonly of: 'raffle'; readonly until: number | null; readonly raffle: DeskRaffle }
  | { readonly of: 'round'; readonly until: number | null; readonly round: OpenRound }

const NEVER = Number.POSITIVE_INFINITY

/** What is running by what happens next; what waits for a press alone comes last. */
export const byDeadline = (raffles: readonly DeskRaffle[], rounds: readonly OpenRound[]): RunningOne[] =>
  [
    ...raffles.map((raffle) => ({ of: 'raffle' as const, until: deadlineOf(raffle), raffle })),
    ...rounds.map((round) => ({ of: 'round' as const, until: round.nextAt, round })),
  ].sort((a, b) => (a.until ?? NEVER) - (b.until ?? NEVER) || 0)
