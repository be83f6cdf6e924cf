import { digits } from '#core/currency'
import { colourOf } from '#core/games'
import type { Round } from './games.ts'

/** What became of what somebody put in. */
export const SEAT_SAID = {
  in: 'open',
  out: 'got out',
  caught: 'caught',
  won: 'won',
  lost: 'lost',
  back: 'stake back',
} as const

/** How a round ended, in a few words: "17 black", "valve_vera won", "3 rooms of the clock tower". */
export function endInWords(round: Pick<Round, 'status' | 'state' | 'paid' | 'seats'>): string {
  if (round.status === 'off') return 'called off'
  const { state } = round
  switch (state.of) {
    case 'heist':
      return state.site === null
        ? 'being planned'
        : `${state.site.name}: ${state.step} of ${state.site.rooms.length} rooms`
    case 'duel': {
      const winner = [state.challenger, state.challenged].find((one) => one !== null && one.id === state.winner)
      return winner === undefined || winner === null ? 'open' : `${winner.name} won ${digits(round.paid)}`
    }
    case 'roulette':
      return state.number === null ? 'bets are open' : `${state.number} ${colourOf(state.number)}`
    case 'reels':
      return state.shown.join(' · ')
    case 'coin':
      return `${state.side}, called ${state.called}`
    case 'cup': {
      const winner = state.entrants.find(({ id }) => id === state.matches.at(-1)?.winner)
      return winner === undefined ? state.rules.name : `${winner.name} won ${state.rules.name}`
    }
  }
}
