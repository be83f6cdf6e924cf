export { TriggerRun } from './answers.ts'
export { outsideRewardsOf } from './read.ts'
export { type RedemptionAnswer, reportRedemption } from './report.ts'
export { triggerRoutes } from './routes.ts'
