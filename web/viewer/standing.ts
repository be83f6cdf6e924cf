import { queryOptions, useQuery } from '@tanstack/react-query'
import { read } from '../parts/api.ts'
import type { RankStanding } from '../parts/RankProgress.tsx'
import { useChannel } from './channel.ts'

/** What the signed-in viewer is to the channel. */
export interface Standing {
  readonly known: boolean
  readonly standings: readonly string[]
  readonly names?: Readonly<Record<string, string>>
  readonly circles: readonly string[]
  readonly rank: RankStanding | null
  readonly watchedSeconds?: number
  readonly checkIn: {
    readonly open: boolean
    readonly done: boolean
    readonly streak: number
    readonly best: number
  } | null
  readonly listed: boolean
}

export const standingQuery = queryOptions({
  queryKey: ['standing'],
  queryFn: ({ signal }) => read<Standing>('/me/standing', signal),
})

/** The signed-in viewer's standing; undefined while loading and when nobody is signed in. */
export function useStanding(): Standing | undefined {
  const { signedIn } = useChannel()
  return useQuery({ ...standingQuery, enabled: signedIn !== null }).data
}
