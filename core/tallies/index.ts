export type {
  CloseTally,
  CorrectTally,
  SaveTally,
} from './change.ts'
export { tallyHandlers } from './handlers.ts'
export { TallySettings } from './schema.ts'
export {
  award,
  countOf,
  needTally,
  openTallies,
  passOn,
  payWith,
  type TallyRow,
  tallies,
  tallyCounts,
  tallyInWords,
  tallyOf,
} from './tallies.ts'
