import { DECLARED } from './declared.ts'
import type { Game } from './names.ts'
import type { GameText } from './text.ts'

export type GameTextKey = { [G in Game]: keyof (typeof DECLARED)[G]['texts'] }[Game] & string

/** Every text that the games say, by its key: the game and what is said. */
export const GAME_TEXTS: Readonly<Record<GameTextKey, GameText>> = Object.assign(
  {},
  ...Object.values(DECLARED).map(({ texts }) => texts),
)

/** The game that a text belongs to. */
export const gameOfText = (key: GameTextKey): Game => key.slice(0, key.indexOf('.')) as Game
