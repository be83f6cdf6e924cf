import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { type ActionOptions, useAction } from '../../parts/form/useAction.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type GoalsView = Answer<'/desk/goals'>

/** A goal as the desk is told of it. */
export type DeskGoal = GoalsView['running'][number]

export const goalsQuery = queryOptions({
  queryKey: keyOf('goals'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/goals', { signal })),
})

/** Does something to goals at once, and says so, or why not. */
export const useGoalAction = <T = unknown>(options?: ActionOptions) => useAction<T>(['goals'], options)

export const GOAL_STATES: Readonly<Record<DeskGoal['status'], string>> = {
  planned: 'Planned',
  open: 'Open',
  returning: 'Being refunded',
  reached: 'Reached',
  missed: 'Not reached',
  off: 'Called off',
}
