import { type CheckedStep, paidStep, type Told } from '../checked.ts'
import { returnedOf, spinWheel } from './roulette.ts'
import type { On, RouletteState } from './schema.ts'

/** Where the ball came to rest, and what every bet is paid, once more. */
export function checkRoulette({ seed, id, state, seats }: Told<RouletteState, { readonly on?: On }>): CheckedStep[] {
  const label = `roulette/${id}`
  const number = spinWheel(seed, id)
  return [
    { what: 'The number', label, drawn: String(number), told: String(state.number) },
    ...seats.map((seat) =>
      paidStep(seat, label, seat.plan.on === undefined ? 0 : returnedOf(seat.plan.on, seat.stake, number)),
    ),
  ]
}
