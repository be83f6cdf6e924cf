import { queryOptions, useQueryClient } from '@tanstack/react-query'
import type { FactBody } from '#core/engine'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { useChange } from '../../parts/useChange.ts'
import { meQuery } from '../channel.ts'

export type GoalsView = Answer<'/goals'>

/** A goal that is open, with who gave most and what the one who looks has in it. */
export type OpenGoal = GoalsView['running'][number]

export const goalsQuery = queryOptions({
  queryKey: keyOf('goals'),
  queryFn: ({ signal }) => answerOf(api.GET('/goals', { signal })),
})

/** The goals with what a fact tells of one: thousands who look on ask for nothing. */
export function withParts(view: GoalsView, { goal, people, paid, name, amount }: FactBody<'goal.counted'>): GoalsView {
  const counted = (one: OpenGoal): OpenGoal => ({ ...one, people, paid, lastName: name, lastAmount: amount })
  return { ...view, running: view.running.map((one) => (one.id === goal ? counted(one) : one)) }
}

/** Chips in, or takes one's part back (no amount): the same as in chat. What comes of it is said in passing. */
export function useChip(id: number) {
  const client = useQueryClient()
  return useChange({
    ask: (amount: number | null) =>
      answerOf(api.POST('/goals/{goal}/chip', { params: { path: { goal: id } }, body: { amount } })),
    invalidates: ['goals'],
    said: ({ told }) => told,
    onDone: ({ balance }) => {
      client.setQueryData(meQuery.queryKey, (me) => me && { ...me, balance })
    },
    inPlace: true,
  })
}
