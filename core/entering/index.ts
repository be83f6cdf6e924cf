export { needRaffleLine, raffleByChat } from './byChat.ts'
export type { ClaimPrize, EnterRaffle } from './byPage.ts'
export { enteringHandlers } from './handlers.ts'
export { checkRaffle, startFrom } from './start.ts'
