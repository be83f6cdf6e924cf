import type { Game, SettingsOf } from '#core/games'
import { api, type Sent } from '../../parts/api.ts'

type Save<G extends Game> = (settings: SettingsOf[G], confirmed: boolean) => Sent<unknown>

/** How the settings of each game are saved. */
const SAVE: { readonly [G in Game]: Save<G> } = {
  heist: (settings, confirmed) => api.PUT('/desk/games/heist', { body: { settings, confirmed } }),
  duel: (settings, confirmed) => api.PUT('/desk/games/duel', { body: { settings, confirmed } }),
  roulette: (settings, confirmed) => api.PUT('/desk/games/roulette', { body: { settings, confirmed } }),
  reels: (settings, confirmed) => api.PUT('/desk/games/reels', { body: { settings, confirmed } }),
  coin: (settings, confirmed) => api.PUT('/desk/games/coin', { body: { settings, confirmed } }),
  cup: (settings, confirmed) => api.PUT('/desk/games/cup', { body: { settings, confirmed } }),
}

/** Saves how a game is played. @param confirmed - Whether it is meant, although it pays out more than it takes. */
export const saveGame = <G extends Game>(game: G, settings: SettingsOf[G], confirmed: boolean): Sent<unknown> =>
  SAVE[game](settings, confirmed)
