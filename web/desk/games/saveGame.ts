import type { Game, SettingsOf } from '#core/games'
import { api, type Sent } from '../../parts/api.ts'
import { changedFrom } from '../../parts/form/changedFrom.ts'

/**
 * Saves how a game is played. @param confirmed - Whether it is meant, although it pays out more than it takes.
 * @param from - What it was changed from; left out: it does not matter.
 */
export function saveGame<G extends Game>(
  game: G,
  settings: SettingsOf[G],
  confirmed: boolean,
  from?: SettingsOf[G],
): Sent<unknown> {
  // Each game has a route of its own, and the settings are its own: the client cannot see that the two go together.
  const path = `/desk/games/${game}` as '/desk/games/coin'
  return api.PUT(path, { body: { settings, confirmed } as never, ...changedFrom(from) })
}
