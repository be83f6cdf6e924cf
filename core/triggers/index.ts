export { triggerHandlers } from './handlers.ts'
export { type ListedReward, noteRedeemed, noteRewards } from './outside.ts'
export { triggerReady } from './ready.ts'
export {
  type DecideRedemption,
  decideRedemption,
  type RedemptionReport,
  type RunTrigger,
  runTrigger,
  type TickTrigger,
  tickTrigger,
} from './run.ts'
export {
  type RemoveTrigger,
  removeTrigger,
  type SaveTrigger,
  type SwitchTrigger,
  saveTrigger,
  switchTrigger,
} from './save.ts'
export { RAFFLE_SOURCES, type Source, type SourceKind, TriggerSettings } from './schema.ts'
export { setOffTriggers } from './setOff.ts'
export { figuresOf, hasViewer } from './sources.ts'
export {
  type OutsideRewardRow,
  openTriggers,
  outsideRewards,
  type RedemptionRow,
  redemptions,
  type TriggerRow,
  triggers,
} from './table.ts'
