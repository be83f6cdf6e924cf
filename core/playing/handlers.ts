import { changeGame, changeGameText, changeWagering } from './change.ts'
import { playByPage } from './playByPage.ts'

/** How each intent of playing is decided, by its kind. */
export const playingHandlers = {
  'game.change': changeGame,
  'game.play': playByPage,
  'game.text': changeGameText,
  'game.wagering': changeWagering,
}
