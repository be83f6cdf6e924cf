export {
  type CloseTally,
  type CorrectTally,
  closeTally,
  correctTally,
  type SaveTally,
  saveTally,
} from './change.ts'
export { tallyHandlers } from './handlers.ts'
export { TallySettings } from './schema.ts'
export {
  award,
  countOf,
  needTally,
  openTallies,
  passOn,
  type TallyHow,
  type TallyRow,
  tallies,
  tallyCounts,
  tallyInWords,
} from './tallies.ts'
