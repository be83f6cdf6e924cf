// Nothing is imported here: the first view of the desk takes this and must stay small.

/** Every game, and what it is called in a trail and on the desk. */
export const GAME_NAMES = {
  heist: 'Heist',
  duel: 'Duel',
  roulette: 'Roulette',
  reels: 'Reels',
  coin: 'Coin',
  cup: 'Cup',
  scramble: 'Scramble',
  boss: 'Boss fight',
} as const

export type Game = keyof typeof GAME_NAMES

/** The games that are played in rounds. */
export const GAMES = Object.keys(GAME_NAMES) as readonly Game[]
