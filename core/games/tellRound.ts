import type { World } from '../world/index.ts'
import type { RoundState, SeatPlan, StateOf } from './declared.ts'
import type { RoundRow, SeatRow } from './rounds.ts'

/** What everybody may know of a round while it is on. */
export const roundBody = (round: RoundRow) => ({
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
export type ShownState =
  | Pick<StateOf<'roulette'>, 'of' | 'number'>
  | Pick<StateOf<'reels'>, 'of' | 'shown'>
  | (Omit<StateOf<'heist'>, 'site'> & { readonly site: ShownSite | null })
  | Exclude<RoundState, StateOf<'roulette' | 'reels' | 'heist'>>

interface ShownSite {
  readonly name: string
  readonly rooms: readonly { readonly name: string; readonly multiplier: number }[]
}

function shownState(state: RoundState): ShownState {
  switch (state.of) {
    case 'roulette':
      return { of: state.of, number: state.number }
    case 'reels':
      return { of: state.of, shown: state.shown }
    case 'heist':
      return { ...state, site: state.site && shownSite(state.site) }
    default:
      return state
  }
}

const shownSite = ({ name, rooms }: NonNullable<StateOf<'heist'>['site']>): ShownSite => ({
  name,
  rooms: rooms.map((room) => ({ name: room.name, multiplier: room.multiplier })),
})

/** Tells every page how a round stands. @param all - Who is in it, where pages show that. */
export const tellRound = (world: World, round: RoundRow, all: readonly SeatRow[] = []): void =>
  world.fact('round.changed', 'everyone', { ...roundBody(round), ...(all.length > 0 && { crew: crewOf(all) }) })

/** So many of a crew are named live. */
const NAMED = 40

/** Somebody in a round, as they are told live. `hits`: of a fight. */
export type Told = Pick<SeatRow, 'name' | 'state' | 'paid'> & Pick<SeatPlan, 'hits'>

/** As many of a crew as are named live. */
export const crewOf = (all: readonly SeatRow[]): Told[] =>
  all
    .slice(0, NAMED)
    .map(({ name, state, paid, plan: { hits } }) => ({ name, state, paid, ...(hits !== undefined && { hits }) }))
