import { layByPage } from './betByPage.ts'
import { changeBets } from './changeBets.ts'
import { changeGoal, changeGoalWords, chipByPage, makeGoal, runGoalSteps } from './goals.ts'

/** How each intent of taking part in bets and goals is decided, by its kind. */
export const joiningHandlers = {
  'bet.lay': layByPage,
  'bets.change': changeBets,
  'goal.change': changeGoal,
  'goal.chip': chipByPage,
  'goal.make': makeGoal,
  'goal.run': runGoalSteps,
  'goals.words': changeGoalWords,
}
