import type { Game } from './schema.ts'

// Only types are imported here: the first view of the desk takes this and must stay small.

/** What a game is called in a trail and on the desk. */
export const GAME_NAMES: Readonly<Record<Game, string>> = {
  heist: 'Heist',
  duel: 'Duel',
  roulette: 'Roulette',
  reels: 'Reels',
  coin: 'Coin',
  cup: 'Cup',
  scramble: 'Scramble',
  boss: 'Boss fight',
}
