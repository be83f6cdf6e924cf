export { changeGoalSettings, givers, openGoal } from './act.ts'
export { chipIn, needChip, takePartBack } from './chip.ts'
export { contributionOf } from './contribution.ts'
export { goalFaults } from './faults.ts'
export { goalHandlers } from './handlers.ts'
export type { GoalRun } from './reach.ts'
export {
  type GoalRow,
  type GoalStatus,
  goalEnded,
  goals,
  goalTotals,
  parts,
  runningGoal,
  runningGoals,
} from './rows.ts'
export { GoalSettings, GoalWords, type Milestone, PLAIN_GOAL, storedGoal } from './schema.ts'
export { goalsSetting, goalWords, wordsFor } from './settings.ts'
export { standsInWords, tellChanged } from './tell.ts'
