export { checkAnswer } from './answer.ts'
export { type Charge, chargeOf } from './charge.ts'
export { costInWords, type TallyCost } from './cost.ts'
export { rewardFaults, rewardHints } from './faults.ts'
export { giveBack, needOrder } from './finish.ts'
export { storeHandlers } from './handlers.ts'
export { type Buying, changesAt, leftOf, nowAt, restInWords, whyNot } from './limits.ts'
export { addresses, ORDER_STATUSES, type OrderRow, type OrderStatus, orders } from './orders.ts'
export { buyingOf, giveCode, placeOrder } from './place.ts'
export {
  atOnce,
  couldBuy,
  type Holdings,
  holdingsOf,
  medianOf,
  neighboursOf,
  priceInWatching,
  type Sales,
  watchingInWords,
  whenAtOnce,
  wouldSell,
} from './price.ts'
export {
  codeListOf,
  codeLists,
  codes,
  codesLeft,
  NO_SALES,
  needCodes,
  needSales,
  openRewards,
  type RewardRow,
  type RewardSaleRow,
  rewardOf,
  rewardSales,
  rewards,
  saleCountsOf,
  salesKey,
  savedRewards,
} from './rewards.ts'
export {
  Asks,
  KINDS,
  MAX_TEXT,
  PLAIN_REWARD,
  type RewardKind,
  RewardSettings,
  storedReward,
  UNLIMITED,
} from './schema.ts'
export { limitsInWords, OVERS, rewardInWords } from './sentences.ts'
export {
  type AddCodes,
  MOST_CODES_AT_ONCE,
  putOnSale,
  readCodes,
} from './shelf.ts'
export { shortWord } from './shortWord.ts'
export { orderFields } from './tellBuyer.ts'
export { countsIn, type Now, OVER_WINDOWS } from './windows.ts'
