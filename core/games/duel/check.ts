import { type CheckedStep, paidStep, type Told } from '../checked.ts'
import { duelLabel, duelPot, duelWinner } from './duel.ts'
import type { DuelState } from './schema.ts'

/** Who won a duel, and what they are paid, once more. */
export function checkDuel({ seed, id, state, seats }: Told<DuelState, object>): CheckedStep[] {
  const { challenger, challenged, stake, rakeBp } = state
  if (challenged === null) return []
  const label = duelLabel(id, challenger.id, challenged.id)
  const winner = duelWinner(seed, id, challenger.id, challenged.id)
  const nameOf = (who: number | null) => (who === challenger.id ? challenger.name : challenged.name)
  const { paid } = duelPot(stake, rakeBp)
  return [
    { what: 'The winner', label, drawn: nameOf(winner), told: nameOf(state.winner) },
    ...seats.map((seat) => paidStep(seat, label, seat.viewer === winner ? paid : 0)),
  ]
}
