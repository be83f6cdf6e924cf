import { GAME_NAMES } from '#core/games'
import type { OpenRound } from './view.ts'

/** What a round is called at the desk: its game, or who and what it is about. */
export function roundTitle({ game, state }: OpenRound): string {
  if (state.of === 'duel') return `Duel: ${state.challenger.name} – ${state.challenged?.name ?? 'anyone'}`
  if (state.of === 'cup') return state.rules.name
  if (state.of === 'heist' && state.site !== null) return state.site.name
  if (state.of === 'boss') return `${GAME_NAMES.boss}: ${state.name}`
  return GAME_NAMES[game]
}
