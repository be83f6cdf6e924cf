import { actOnRunning } from './act.ts'
import { openByDesk, recordBet } from './byDesk.ts'
import { removeBetTemplate, saveBetTemplate } from './templates.ts'
import { tickBet } from './tick.ts'

/** How each intent of bets is decided, by its kind. */
export const betHandlers = {
  'bet.act': actOnRunning,
  'bet.open': openByDesk,
  'bet.record': recordBet,
  'bet.removeTemplate': removeBetTemplate,
  'bet.saveTemplate': saveBetTemplate,
  'bet.tick': tickBet,
}
