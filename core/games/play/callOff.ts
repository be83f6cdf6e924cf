import type { World } from '../../world/index.ts'
import { endRound, settleSeat } from '../pot.ts'
import { type RoundRow, seatsOf } from '../rounds.ts'

/** Calls a round off: every stake that was not paid out goes back, those of who was caught included. */
export function callOff(world: World, round: RoundRow, why: string): RoundRow {
  let now = round
  for (const seat of seatsOf(world, round))
    if (seat.state === 'in' || seat.state === 'caught') now = settleSeat(world, now, seat, 'back', seat.stake)
  return endRound(world, now, 'off', why)
}
