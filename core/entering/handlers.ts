import { claimByPage, enterByPage } from './byPage.ts'
import { changeRaffle, startRaffle } from './start.ts'

/** How each intent of entering raffles is decided, by its kind. */
export const enteringHandlers = {
  'raffle.change': changeRaffle,
  'raffle.claim': claimByPage,
  'raffle.enter': enterByPage,
  'raffle.start': startRaffle,
}
