import { Type } from '@sinclair/typebox'
import { Amount, Count, GoalId } from '../schema.ts'
import { fact } from '../world/index.ts'
import type { GoalStatus } from './rows.ts'

const Status = Type.Unsafe<GoalStatus>(Type.String())

/** What is told of goals. */
export const goalFacts = {
  'goal.changed': fact(['everyone'], 'A goal opened, ended, passed a milestone, or was changed.', {
    goal: GoalId,
    status: Status,
    title: Type.String(),
    target: Amount,
  }),
  'goal.counted': fact(['everyone'], 'How much is in a goal, and who gave last: at most once a second.', {
    goal: GoalId,
    people: Count,
    paid: Amount,
    name: Type.String(),
    amount: Amount,
  }),
  'goal.milestone': fact(['everyone'], 'A goal passed a milestone.', {
    goal: GoalId,
    title: Type.String(),
    name: Type.String(),
    at: Amount,
  }),
  'goal.ended': fact(['everyone'], 'A goal is reached, missed or called off.', {
    goal: GoalId,
    status: Status,
    title: Type.String(),
    paid: Amount,
  }),
  'goal.own': fact(['viewer'], 'They have so much in a goal now.', { goal: GoalId, paid: Amount }),
  'goal.words': fact(['desk'], 'The words of goals are set otherwise.', {}),
}

type Declared = typeof goalFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
