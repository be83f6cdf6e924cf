import { queryOptions, useQuery } from '@tanstack/react-query'
import { payoutOf } from '#core/earning'
import type { Answer } from '../parts/api/called.ts'
import { answerOf, api } from '../parts/api.ts'
import { keyOf } from '../parts/queryKey.ts'
import { useChannel } from './channel.ts'

/** What the signed-in viewer is to the channel. */
export type Standing = Answer<'/me/standing'>

export const standingQuery = queryOptions({
  queryKey: keyOf('standing'),
  queryFn: ({ signal }) => answerOf(api.GET('/me/standing', { signal })),
})

/** The signed-in viewer's standing; undefined while loading and when nobody is signed in. */
export function useStanding(): Standing | undefined {
  const { signedIn } = useChannel()
  return useQuery({ ...standingQuery, enabled: signedIn !== null }).data
}

/** The plan as it pays whoever looks at the page: with their own roles, chatting left out. */
export function useOwnPlan() {
  const { plan } = useChannel()
  return { ...plan, base: payoutOf(plan, useStanding()?.standings ?? [], false, false) }
}
