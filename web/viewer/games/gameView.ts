import type { ComponentType } from 'react'
import type { Game, SettingsOf, StateOf } from '#core/games'
import type { GamesView, OwnSeat, Round, Seat } from './games.ts'

export interface GameCardProps<G extends Game> {
  readonly view: GamesView
  readonly settings: SettingsOf[G]
  readonly own: readonly OwnSeat[]
  /** The viewer's own id; null: not known, or not signed in. */
  readonly me: number | null
  readonly signedIn: boolean
}

/** How a game is shown to viewers. */
export interface GameView<G extends Game> {
  readonly Card: ComponentType<GameCardProps<G>>
  /** How a round ended, in a few words: "17 black", "valve_vera won 98". */
  readonly ends: (state: StateOf<G>, round: Pick<Round, 'status' | 'paid' | 'seats'>) => string
  /** What became of a seat, where there is more to say than whether it won; undefined: there is not. */
  readonly seat?: (seat: Pick<Seat, 'room' | 'plan'>) => string | undefined
}
