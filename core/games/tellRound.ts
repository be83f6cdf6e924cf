import type { World } from '../world/index.ts'
import type { RoundRow, RoundState, SeatRow } from './rounds.ts'

/** What everybody may know of a round while it is on. */
export const roundBody = (round: RoundRow): Record<string, unknown> => ({
  round: round.id,
  game: round.game,
  status: round.status,
  seats: round.seats,
  staked: round.staked,
  paid: round.paid,
  nextAt: round.nextAt,
  why: round.why,
  by: round.openerName,
  state: shownState(round.state),
})

/** A round's state without what nobody needs live. */
function shownState(state: RoundState): unknown {
  if (state.of === 'roulette') return { of: state.of, number: state.number }
  if (state.of === 'reels') return { of: state.of, shown: state.shown }
  if (state.of === 'heist' && state.site !== null) {
    const { name, rooms } = state.site
    return { ...state, site: { name, rooms: rooms.map((room) => ({ name: room.name, multiplier: room.multiplier })) } }
  }
  return state
}

/** Tells every page how a round stands. @param all - Who is in it, where pages show that. */
export const tellRound = (world: World, round: RoundRow, all: readonly SeatRow[] = []): void =>
  world.fact('round.changed', 'everyone', { ...roundBody(round), ...(all.length > 0 && { crew: crewOf(all) }) })

/** So many of a crew are named live. */
const NAMED = 40

/** As many of a crew as are named live. */
export const crewOf = (all: readonly SeatRow[]) =>
  all.slice(0, NAMED).map(({ name, state, paid }) => ({ name, state, paid }))
