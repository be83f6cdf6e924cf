export { boughtInWords, buy, type PlaceOrder, type Purchase, placeByPage, placeFree } from './buy.ts'
export {
  type FinishOrder,
  finishOrder,
  type GiveBackOrder,
  giveBackOrder,
  type ReopenOrder,
  reopenOrder,
} from './finish.ts'
export { MAX_TEXT } from './limits.ts'
export { type OrderRow, orders } from './orders.ts'
export { type AddReward, addReward, openWords, type RewardRow, rewards } from './rewards.ts'
export { RewardSettings } from './schema.ts'
