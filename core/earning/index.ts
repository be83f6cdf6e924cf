export { accrue, uncountedSeconds } from './accrue.ts'
export { type ChangePlan, changePlan } from './change.ts'
export { exampleSentence, planInWords, planWarnings, watchingFor, watchingPays } from './explain.ts'
export {
  nextTick,
  type PayoutTable,
  type PayWatching,
  payoutTable,
  payPresent,
  type ScheduleTick,
  scheduleTick,
} from './payments.ts'
export { earningSetting } from './plan.ts'
export { type Arrive, arrive, type Leave, leave, markPresent } from './presence.ts'
export { EarningPlan } from './schema.ts'
export type { Standing } from './settle.ts'
export {
  type ChangeSupport,
  changeSupport,
  paySupport,
  type Support,
  supportPays,
  supportSetting,
} from './support.ts'
export { SupportPlan } from './supportPlan.ts'
export { needWatch, type WatchRow, watches, watchOf } from './watch.ts'
