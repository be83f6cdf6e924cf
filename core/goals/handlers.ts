import { actOnGoal, followGoal, tickGoal } from './act.ts'

/** How each intent of goals is decided, by its kind. */
export const goalHandlers = {
  'goal.act': actOnGoal,
  'goal.follow': followGoal,
  'goal.tick': tickGoal,
}
