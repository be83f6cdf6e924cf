import { endPerk, eraseAddress, finishOrder, giveBackOrder, reopenOrder, takeOrder } from './finish.ts'
import { addCodes, archiveReward, arrangeRewards, refillReward, switchRewards } from './shelf.ts'

/** How each intent of the store is decided, by its kind. */
export const storeHandlers = {
  'store.archive': archiveReward,
  'store.arrange': arrangeRewards,
  'store.codes': addCodes,
  'store.done': finishOrder,
  'store.erase': eraseAddress,
  'store.giveBack': giveBackOrder,
  'store.perk': endPerk,
  'store.refill': refillReward,
  'store.reopen': reopenOrder,
  'store.switch': switchRewards,
  'store.take': takeOrder,
}
