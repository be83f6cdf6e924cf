import { queryOptions } from '@tanstack/react-query'
import type { Audience } from '#core/starter'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type StarterState = Answer<'/desk/starter'>
export type Offered = Answer<'/desk/starter/offer'>['pieces'][number]

/** So often it is looked at what has become true meanwhile: in the room, on the overlay, on the viewer page. */
const LOOK_MS = 5000

export const starterQuery = queryOptions({
  queryKey: keyOf('starter'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/starter', { signal })),
  refetchInterval: LOOK_MS,
})

/** What a starter for an audience would make. */
export const offerQuery = (audience: Audience) =>
  queryOptions({
    queryKey: keyOf('starter', audience),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/starter/offer', { params: { query: audience }, signal })),
  })
