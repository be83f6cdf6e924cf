import { queryOptions } from '@tanstack/react-query'
import { createContext, use } from 'react'
import type { Answer } from '../parts/api/called.ts'
import { answerOf, api } from '../parts/api.ts'
import { keyOf } from '../parts/queryKey.ts'

/** What the show bar shows, and what every page of the desk needs. */
export type Status = Answer<'/desk/status'> & {
  /** By how many seconds the server's clock is ahead of this computer's. */
  readonly ahead: number
}

export const statusQuery = queryOptions({
  queryKey: keyOf('status'),
  queryFn: async ({ signal }): Promise<Status> => {
    const status = await answerOf(api.GET('/desk/status', { signal }))
    return { ...status, ahead: status.now - Math.floor(Date.now() / 1000) }
  },
  // Connection lights are not facts of the channel; they are looked at now and then.
  refetchInterval: 5000,
})

const Around = createContext<Status | undefined>(undefined)

/** Around the desk: nearly everything on it goes by the status, so it is asked for in one place. */
export const StatusProvider = Around

/** The status, once the desk has loaded it; pages are shown only then. */
export function useStatus(): Status {
  const status = use(Around)
  if (status === undefined) throw new Error('The desk shows its pages only after the status is loaded.')
  return status
}
