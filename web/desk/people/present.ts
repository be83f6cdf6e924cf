import { queryOptions } from '@tanstack/react-query'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** Who is in the room. */
export const presentQuery = queryOptions({
  queryKey: keyOf('present'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/present', { signal })),
})
