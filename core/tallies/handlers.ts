import { closeTally, correctTally, saveTally } from './change.ts'

/** How each intent of tallies is decided, by its kind. */
export const tallyHandlers = {
  'tally.close': closeTally,
  'tally.correct': correctTally,
  'tally.save': saveTally,
}
