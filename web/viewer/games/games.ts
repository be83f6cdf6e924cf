import { queryOptions } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { FactBody } from '#core/engine'
import type { Game, RoundRow, SeatPlan, SeatState, SettingsOf, Wagering } from '#core/games'
import { read } from '../../parts/api.ts'

/** Somebody's part in a round. */
export interface Seat {
  readonly viewer: number
  readonly name: string
  readonly stake: number
  readonly plan: SeatPlan
  readonly state: SeatState
  readonly room: number | null
  readonly paid: number
}

/** A round as everybody sees it. */
export type Round = Omit<RoundRow, 'seed' | 'show'>

/** A round that is on, with those who are named of it. */
export type OpenRound = Round & { readonly crew: readonly Seat[] }

export interface GamesView {
  /** By how many seconds the server's clock is ahead of this one. */
  readonly ahead: number
  readonly currency: Currency
  /** The games that are on, with how they are played. */
  readonly games: Partial<SettingsOf>
  /** The words to take, pass on and withdraw, which a cup has, too. */
  readonly words: SettingsOf['duel']
  readonly wagering: Wagering
  readonly rounds: readonly OpenRound[]
  /** The last numbers of the wheel, the latest first. */
  readonly last: readonly number[]
}

export const gamesQuery = queryOptions({
  queryKey: ['games'],
  queryFn: async ({ signal }): Promise<GamesView> => {
    const { now, ...view } = await read<Omit<GamesView, 'ahead'> & { now: number }>('/games', signal)
    return { ...view, ahead: now - Date.now() / 1000 }
  },
})

export interface OwnSeat {
  readonly round: number
  readonly game: Game
  readonly stake: number
  readonly paid: number
  readonly state: SeatState
  readonly at: number
  readonly plan: SeatPlan
}

export interface OwnGames {
  readonly viewer: number | null
  readonly sitsOutUntil: number
  readonly rounds: number
  readonly staked: number
  readonly paid: number
  readonly seats: readonly OwnSeat[]
}

export const ownGamesQuery = queryOptions({
  queryKey: ['ownGames'],
  queryFn: ({ signal }) => read<OwnGames>('/me/games', signal),
})

export const roundsQuery = queryOptions({
  queryKey: ['rounds'],
  queryFn: ({ signal }) => read<{ rounds: readonly Round[] }>('/rounds', signal),
})

/** A round with everybody in it; its seed once it has ended. */
export type WholeRound = Omit<Round, 'seats'> & { readonly seed: string | null; readonly seats: readonly Seat[] }

export const roundQuery = (round: number) =>
  queryOptions({
    queryKey: ['round', round],
    queryFn: ({ signal }) => read<WholeRound>(`/rounds/${round}`, signal),
  })

/** The games with what a fact tells of a round that somebody came into: a crowd that joins makes no page ask anew each time. */
export function withJoined(view: GamesView, { round: id, seats, staked }: FactBody<'round.joined'>): GamesView {
  const rounds = view.rounds.map((round) => (round.id === id ? { ...round, seats, staked } : round))
  return { ...view, rounds }
}
