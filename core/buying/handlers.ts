import { placeByPage, unlockRewards } from './buyByPage.ts'
import { saveReward } from './saveReward.ts'

/** How each intent of buying is decided, by its kind. */
export const buyingHandlers = {
  'store.buy': placeByPage,
  'store.save': saveReward,
  'store.unlock': unlockRewards,
}
