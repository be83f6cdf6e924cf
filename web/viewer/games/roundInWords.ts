import type { Game, StateOf } from '#core/games'
import type { Round, Seat } from './games.ts'
import type { GameView } from './gameView.ts'
import { VIEWS } from './views.ts'

/** What became of what somebody put in. */
export const SEAT_SAID = {
  in: 'open',
  out: 'got out',
  caught: 'caught',
  won: 'won',
  lost: 'lost',
  back: 'stake back',
} as const

/** What became of somebody's seat: their place in a scramble, their hits in a fight, or whether they won. */
export const seatInWords = (of: Game, { state, ...seat }: Pick<Seat, 'state' | 'room' | 'plan'>): string =>
  (state === 'back' ? undefined : VIEWS[of].seat?.(seat)) ?? SEAT_SAID[state]

/** How a round ended, in a few words: "17 black", "valve_vera won", "3 rooms of the clock tower". */
export function endInWords<G extends Game>(
  round: Pick<Round, 'status' | 'paid' | 'seats'> & { readonly game: G; readonly state: Round['state'] },
): string {
  if (round.status === 'off') return 'called off'
  const { ends }: GameView<G> = VIEWS[round.game]
  // A round's state says itself of which game it is.
  return ends(round.state as StateOf<G>, round)
}
