import { actOnRaffle, passOverWinner, recordWinner, removeEntrant } from './byDesk.ts'
import { removeSetup, saveSetup } from './setups.ts'
import { tickRaffle } from './tick.ts'

/** How each intent of raffles is decided, by its kind. */
export const raffleHandlers = {
  'raffle.act': actOnRaffle,
  'raffle.pass': passOverWinner,
  'raffle.record': recordWinner,
  'raffle.remove': removeEntrant,
  'raffle.removeSetup': removeSetup,
  'raffle.saveSetup': saveSetup,
  'raffle.tick': tickRaffle,
}
