export { actOnBet, type BetAct, lockWithShow, needBetAct } from './act.ts'
export { backersKey, backersPageKey } from './backers.ts'
export { alertIds, betFaults, outcomeCalled, termsFaults } from './faults.ts'
export { betHandlers } from './handlers.ts'
export { layBet, needLay, takeBetBack } from './lay.ts'
export {
  type BetRow,
  type BetStatus,
  backings,
  betEnded,
  betEvidence,
  betFrom,
  bets,
  betTemplates,
  betTotals,
  betTotalsOf,
  openBetTemplates,
  type PickedOutcome,
  runningBet,
  runningBets,
} from './rows.ts'
export {
  BetDefaults,
  BetOutcome,
  BetSettings,
  BetTemplate,
  BetTerms,
  EvidenceLink,
  EvidenceNote,
  MOST_OUTCOMES,
  storedBet,
  storedBetTemplate,
  USUAL_TERMS,
} from './schema.ts'
export { betDefaults, betsSetting, betWords } from './settings.ts'
export { type Backer, type Laid, type Payment, paidTo, paymentOf, stakedIn, wouldBring } from './settle.ts'
export { openFromTemplate } from './templates.ts'
