export { boughtInWords, buy, type PlaceOrder, type Purchase, placeByPage } from './buy.ts'
export {
  type FinishOrder,
  finishOrder,
  type GiveBackOrder,
  giveBackOrder,
  type ReopenOrder,
  reopenOrder,
} from './finish.ts'
export { type OrderRow, orders } from './orders.ts'
export { type AddReward, addReward, MAX_TEXT, openWords, type RewardRow, RewardSettings, rewards } from './rewards.ts'
