import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type Connections = Answer<'/desk/connections'>

export const connectionsQuery = queryOptions({
  queryKey: keyOf('connections'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/connections', { signal })),
  // Connections are no facts of the channel; they are looked at now and then.
  refetchInterval: 5000,
})
