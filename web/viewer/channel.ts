import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Answer } from '../parts/api/called.ts'
import { answerOf, api } from '../parts/api.ts'
import { keyOf } from '../parts/queryKey.ts'

export type Reward = Answer<'/store'>['rewards'][number]

/** What everyone may see of a channel. */
export type Channel = Omit<Answer<'/store'>, 'at'> & {
  /** By how many seconds the server's clock is ahead of this one. */
  readonly ahead: number
}

export type OwnOrder = Me['orders'][number]

/** What only the signed-in viewer sees. */
export type Me = Answer<'/me'>

/** Not everybody's page asks in the same second. */
const SPREAD_SECONDS = 0.2 + 1.5 * Math.random()
/** Midnight changes what can be bought, too: a page that is left open asks once in a while. */
const LONGEST_SECONDS = 1800

export const channelQuery = queryOptions({
  queryKey: keyOf('channel'),
  queryFn: async ({ signal }): Promise<Channel> => {
    const { at, ...channel } = await answerOf(api.GET('/store', { signal }))
    return { ...channel, ahead: at - Date.now() / 1000 }
  },
  refetchInterval: ({ state: { data, dataUpdatedAt } }) => {
    const { changesAt = null, ahead = 0 } = data ?? {}
    const wait = changesAt === null ? LONGEST_SECONDS : changesAt - (dataUpdatedAt / 1000 + ahead)
    return (Math.min(LONGEST_SECONDS, Math.max(0, wait)) + SPREAD_SECONDS) * 1000
  },
})

export const meQuery = queryOptions({
  queryKey: keyOf('me'),
  queryFn: ({ signal }) => answerOf(api.GET('/me', { signal })),
})

/** The channel, once loaded; the pages are shown only then. */
export function useChannel(): Channel {
  const { data } = useQuery(channelQuery)
  if (data === undefined) throw new Error('The pages are shown only after the channel is loaded.')
  return data
}

/** The signed-in viewer; undefined while loading and when nobody is signed in. */
export function useMe(): Me | undefined {
  const { signedIn } = useChannel()
  return useQuery({ ...meQuery, enabled: signedIn !== null }).data
}
