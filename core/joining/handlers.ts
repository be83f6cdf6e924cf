import { layByPage } from './betByPage.ts'
import { changeBets } from './changeBets.ts'

/** How each intent of taking part in bets is decided, by its kind. */
export const joiningHandlers = {
  'bet.lay': layByPage,
  'bets.change': changeBets,
}
