export { accrue } from './accrue.ts'
export {
  allowanceSetting,
  nextAllowance,
} from './allowance.ts'
export {
  type PlanDraft,
  planDraftSetting,
  plans,
} from './change.ts'
export type { ChangeZone } from './changeZone.ts'
export { payChat } from './chat.ts'
export { checkIn, checkInPays, streakAfter } from './checkIn.ts'
export { type Difference, planDifference, weekdayName } from './difference.ts'
export { type Example, examplesOf, getsOf, type Week } from './examples.ts'
export { exampleSentence, planInWords, watchingFor, watchingPays } from './explain.ts'
export { gaps } from './gap.ts'
export { earningHandlers } from './handlers.ts'
export { type Way, waysToEarn } from './howTo.ts'
export { FIRST_MONEY, Money, tipPays } from './money.ts'
export { maySpend, mayTakePart } from './newcomer.ts'
export { payFor } from './payFor.ts'
export {
  type PayeesAsked,
  type PayoutTable,
  type PayWatching,
  payeesAsked,
  payoutTable,
} from './payments.ts'
export { payoutOf, timesInWords } from './payout.ts'
export { type Period, showPeriod, uncountedSeconds } from './period.ts'
export { earningSetting, NO_SUPPORT, offAirSetting } from './plan.ts'
export { type Leave, markPresent } from './presence.ts'
export { type Bonus, EarningPlan, StandingName } from './schema.ts'
export type { Payee } from './settle.ts'
export type { SettleShow } from './settleShow.ts'
export { STARTERS } from './starters.ts'
export { hasRate, paySupport, payTip, type Support, supportPays } from './support.ts'
export { moneyOf, SUPPORT_KINDS, type SupportKind, SupportPlan, type Thanks } from './supportPlan.ts'
export { nextTick } from './tick.ts'
export { planWarnings } from './warnings.ts'
