export { accrue } from './accrue.ts'
export {
  type AllowancePaid,
  allowancePaid,
  allowanceSetting,
  nextAllowance,
  type PayAllowance,
  payAllowance,
} from './allowance.ts'
export {
  type ChangePlan,
  changePlan,
  type DraftPlan,
  draftPlan,
  type PlanDraft,
  planDraftSetting,
  plans,
} from './change.ts'
export { type ChangeZone, changeZone } from './changeZone.ts'
export { payChat } from './chat.ts'
export { type CheckedIn, checkIn, checkInPays, streakAfter } from './checkIn.ts'
export { type Difference, planDifference, weekdayName } from './difference.ts'
export { type Example, examplesOf, type Gets, getsOf, type Week } from './examples.ts'
export { exampleSentence, planInWords, watchingFor, watchingPays } from './explain.ts'
export { type EndGap, endGap, gaps, type NoteGap, noteGap, type PayGap, payGap } from './gap.ts'
export { earningHandlers } from './handlers.ts'
export { type Way, waysToEarn } from './howTo.ts'
export { FIRST_MONEY, Money, tipPays } from './money.ts'
export { mayTakePart } from './newcomer.ts'
export { payFor } from './payFor.ts'
export {
  type PayeesAsked,
  type PayoutTable,
  type PayWatching,
  payeesAsked,
  payoutTable,
  payPresent,
  type ScheduleTick,
  scheduleTick,
} from './payments.ts'
export { type PayRules, payoutOf, timesInWords } from './payout.ts'
export { type Period, showPeriod, uncountedSeconds } from './period.ts'
export { earningSetting, NO_SUPPORT } from './plan.ts'
export { type Arrive, arrive, type Leave, leave, markPresent } from './presence.ts'
export { type Bonus, EarningPlan, StandingName } from './schema.ts'
export type { Payee } from './settle.ts'
export { type SettleShow, settleShow } from './settleShow.ts'
export { STARTERS, type Starter } from './starters.ts'
export { hasRate, paySupport, payTip, type Support, supportPays } from './support.ts'
export { moneyOf, SUPPORT_KINDS, type SupportKind, SupportPlan, type Thanks } from './supportPlan.ts'
export { nextTick } from './tick.ts'
export { planWarnings } from './warnings.ts'
