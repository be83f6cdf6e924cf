import { queryOptions } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { Game, GameTextKey, RoundRow, SeatPlan, SeatState, SettingsOf, Wagering } from '#core/games'
import { read } from '../../parts/api.ts'

/** A round that is on. */
export interface OpenRound extends Omit<RoundRow, 'seed' | 'show'> {
  readonly crew: readonly {
    readonly viewer: number
    readonly name: string
    readonly stake: number
    readonly plan: SeatPlan
    readonly state: SeatState
  }[]
}

/** What a game took and paid in 30 days. */
export interface Lately {
  readonly game: Game
  readonly rounds: number
  readonly staked: number
  readonly paid: number
}

export interface DeskGames {
  readonly settings: SettingsOf
  readonly wagering: Wagering
  readonly texts: Readonly<Partial<Record<GameTextKey, readonly string[]>>>
  readonly lately: { readonly games: readonly Lately[]; readonly shows: number }
  readonly rounds: readonly OpenRound[]
  readonly last: readonly number[]
  readonly currency: Currency
}

export const gamesQuery = queryOptions({
  queryKey: ['games'],
  queryFn: ({ signal }) => read<DeskGames>('/desk/games', signal),
})

/** The rounds that are on, for the bench. */
export const openRoundsQuery = queryOptions({
  queryKey: ['rounds'],
  queryFn: ({ signal }) => read<{ rounds: readonly OpenRound[] }>('/desk/rounds', signal),
})
