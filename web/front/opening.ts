import { queryOptions } from '@tanstack/react-query'
import { answerOf } from '../parts/api.ts'
import { installation } from '../parts/installation.ts'
import { keyOf } from '../parts/queryKey.ts'

/** Whether a channel can be opened here, and whether a code is needed for it. */
export const openingQuery = queryOptions({
  queryKey: keyOf('opening'),
  queryFn: ({ signal }) => answerOf(installation.GET('/api/opening', { signal })),
})
