import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Answer } from '../parts/api/called.ts'
import { answerOf, api } from '../parts/api.ts'
import { useChannel } from './channel.ts'

/** What the signed-in viewer is to the channel. */
export type Standing = Answer<'/me/standing'>

export const standingQuery = queryOptions({
  queryKey: ['standing'],
  queryFn: ({ signal }) => answerOf(api.GET('/me/standing', { signal })),
})

/** The signed-in viewer's standing; undefined while loading and when nobody is signed in. */
export function useStanding(): Standing | undefined {
  const { signedIn } = useChannel()
  return useQuery({ ...standingQuery, enabled: signedIn !== null }).data
}
