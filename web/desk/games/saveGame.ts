import type { Game, SettingsOf } from '#core/games'
import { api, type Sent } from '../../parts/api.ts'
import { changedFrom } from '../../parts/form/changedFrom.ts'

type Save<G extends Game> = (body: Meant<G>, from: SettingsOf[G] | undefined) => Sent<unknown>

interface Meant<G extends Game> {
  readonly settings: SettingsOf[G]
  readonly confirmed: boolean
}

/** How the settings of each game are saved. */
const SAVE: { readonly [G in Game]: Save<G> } = {
  heist: (body, from) => api.PUT('/desk/games/heist', { body, ...changedFrom(from) }),
  duel: (body, from) => api.PUT('/desk/games/duel', { body, ...changedFrom(from) }),
  roulette: (body, from) => api.PUT('/desk/games/roulette', { body, ...changedFrom(from) }),
  reels: (body, from) => api.PUT('/desk/games/reels', { body, ...changedFrom(from) }),
  coin: (body, from) => api.PUT('/desk/games/coin', { body, ...changedFrom(from) }),
  cup: (body, from) => api.PUT('/desk/games/cup', { body, ...changedFrom(from) }),
  scramble: (body, from) => api.PUT('/desk/games/scramble', { body, ...changedFrom(from) }),
  boss: (body, from) => api.PUT('/desk/games/boss', { body, ...changedFrom(from) }),
}

/**
 * Saves how a game is played. @param confirmed - Whether it is meant, although it pays out more than it takes.
 * @param from - What it was changed from; left out: it does not matter.
 */
export const saveGame = <G extends Game>(
  game: G,
  settings: SettingsOf[G],
  confirmed: boolean,
  from?: SettingsOf[G],
): Sent<unknown> => SAVE[game]({ settings, confirmed }, from)
