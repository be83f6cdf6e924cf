import { continueRun } from './finish.ts'

/** How each intent of runs is decided, by its kind. */
export const runHandlers = {
  'run.continue': continueRun,
}
