import { callOffRound, changeCup, openCupByDesk, openGame } from './byDesk.ts'
import { tickGame } from './tick.ts'

/** How each intent of games is decided, by its kind. */
export const gameHandlers = {
  'cup.change': changeCup,
  'cup.open': openCupByDesk,
  'game.callOff': callOffRound,
  'game.open': openGame,
  'game.tick': tickGame,
}
