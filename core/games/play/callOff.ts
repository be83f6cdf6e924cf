import type { World } from '../../world/index.ts'
import { endRound, settleSeat } from '../pot.ts'
import { type RoundRow, type SeatRow, seatsOf } from '../rounds.ts'

/** Calls a round off: every stake that was not paid out goes back, those of who was caught included. */
export function callOff(world: World, round: RoundRow, why: string): RoundRow {
  let now = round
  for (const seat of seatsOf(world, round))
    if (isOpen(round, seat)) now = settleSeat(world, now, seat, 'back', seat.stake)
  return endRound(world, now, 'off', why)
}

/** Whether a stake was not paid out yet: of a heist also who was caught, of a scramble also who is out. */
const isOpen = ({ game }: RoundRow, { state }: SeatRow): boolean =>
  state === 'in' || state === 'caught' || (game === 'scramble' && state === 'lost')
