import { digits } from '#core/currency'
import { colourOf } from '#core/games'
import type { Round, Seat } from './games.ts'

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
export function seatInWords(
  of: Round['state']['of'],
  { state, room, plan }: Pick<Seat, 'state' | 'room' | 'plan'>,
): string {
  if (of === 'scramble' && room !== null && state !== 'back') return `place ${digits(room)}`
  if (of === 'boss' && plan.hits !== undefined && state !== 'back')
    return `${digits(plan.hits)} ${plan.hits === 1 ? 'hit' : 'hits'}`
  return SEAT_SAID[state]
}

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
    case 'scramble':
      return round.status === 'settled' ? `${digits(round.seats)} people` : `${digits(round.seats)} in`
    case 'boss':
      return round.status === 'settled'
        ? `${state.name} ${state.hits >= state.needed ? 'fell' : 'stood'}, ${digits(state.hits)} hits of the ${digits(state.needed)} it took`
        : state.name
  }
}
