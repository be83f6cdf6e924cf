import type { World } from '../world/index.ts'
import { DECLARED } from './declared.ts'
import { endRound, settleSeat } from './pot.ts'
import { type RoundRow, seatsOf } from './rounds.ts'
import type { SeatState } from './schema.ts'

/** Calls a round off: every stake that was not paid out goes back, those of who was caught or is out already included. */
export function callOff(world: World, round: RoundRow, why: string): RoundRow {
  const unpaid: readonly SeatState[] = DECLARED[round.game].unpaid
  let now = round
  for (const seat of seatsOf(world, round))
    if (unpaid.includes(seat.state)) now = settleSeat(world, now, seat, 'back', seat.stake)
  return endRound(world, now, 'off', why)
}
