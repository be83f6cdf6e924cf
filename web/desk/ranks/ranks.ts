import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** Ranks and circles, and how many people hold each. */
export type Ranks = Answer<'/desk/ranks'>

export const ranksQuery = queryOptions({
  queryKey: keyOf('ranks'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/ranks', { signal })),
})
