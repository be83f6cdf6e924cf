export { triggerHandlers } from './handlers.ts'
export { type ListedReward, noteRedeemed, noteRewards } from './outside.ts'
export type { PressButton } from './press.ts'
export { triggerReady } from './ready.ts'
export type {
  DecideRedemption,
  RedemptionReport,
  RunTrigger,
  TickTrigger,
} from './run.ts'
export { triggerKey } from './run.ts'
export type {
  RemoveTrigger,
  SaveTrigger,
  SwitchTrigger,
} from './save.ts'
export {
  BET_SOURCES,
  BUTTON_COLOURS,
  RAFFLE_SOURCES,
  type Source,
  type SourceKind,
  storedTrigger,
  TriggerSettings,
} from './schema.ts'
export { setOffTriggers } from './setOff.ts'
export { figuresOf, hasViewer } from './sources.ts'
export {
  openTriggers,
  outsideRewards,
  redemptions,
  triggers,
} from './table.ts'
