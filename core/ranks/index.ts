export {
  checkRanks,
  moveInCircle,
} from './change.ts'
export { rankHandlers } from './handlers.ts'
export { measureOf, nextRank, rankFor } from './ranks.ts'
export { announce, type Promotion, promotionText, rankFrom, rankName, review } from './review.ts'
export { BADGES, type Badge, CircleSettings, type Rank, RankPlan } from './schema.ts'
export { ranksSetting } from './setting.ts'
