import type { ComponentType } from 'react'
import type { Game, SettingsOf, Way } from '#core/games'
import type { DeskGames } from './view.ts'

export interface GamePartProps<G extends Game> {
  readonly draft: SettingsOf[G]
  readonly put: (patch: Partial<SettingsOf[G]>) => void
  readonly view: DeskGames
}

export interface WayProps<G extends Game> {
  readonly draft: SettingsOf[G]
  readonly way: Way
  readonly setWay: (way: Way) => void
}

/** How a game is set at the desk: its own parts; stakes, who may play it, and an evening follow from its settings. */
export interface GameForm<G extends Game> {
  readonly parts: readonly { readonly name: string; readonly Part: ComponentType<GamePartProps<G>> }[]
  /** How somebody plays it, where an evening is tried; null: there is only one way. */
  readonly Way: ComponentType<WayProps<G>> | null
  /** False: what comes of it hangs on who comes, so that no evening can be tried. */
  readonly evening?: false
}
