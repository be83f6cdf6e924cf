import { queryOptions, useQuery } from '@tanstack/react-query'
import type { Currency } from '#core/currency'
import type { ShowRow } from '#core/show'
import { read } from '../parts/api.ts'

/** What the show bar shows, and what every page of the desk needs. */
export interface Status {
  readonly seq: number
  readonly now: number
  readonly channel: { readonly slug: string; readonly name: string }
  readonly caller: string
  readonly currency: Currency
  readonly show: ShowRow | null
  readonly present: number
  /** Since when a show on air seems to be over: nobody was there and nobody spoke. */
  readonly forgotten: number | null
  /** The last show, if one that starts now can go on with it. */
  readonly resumable: { readonly title: string; readonly endedAt: number } | null
  readonly chat: { readonly status: 'off' | 'connecting' | 'connected' | 'refused'; readonly room: string | null }
  readonly overlays: readonly { readonly id: number; readonly connected: boolean }[]
  readonly voice: { readonly muted: boolean }
  /** By how many seconds the server's clock is ahead of this computer's. */
  readonly ahead: number
}

export const statusQuery = queryOptions({
  queryKey: ['status'],
  queryFn: async ({ signal }): Promise<Status> => {
    const status = await read<Omit<Status, 'ahead'>>('/desk/status', signal)
    return { ...status, ahead: status.now - Math.floor(Date.now() / 1000) }
  },
  // Connection lights are not facts of the channel; they are looked at now and then.
  refetchInterval: 5000,
})

/** The status, once the desk has loaded it; pages are shown only then. */
export function useStatus(): Status {
  const { data } = useQuery(statusQuery)
  if (data === undefined) throw new Error('The desk shows its pages only after the status is loaded.')
  return data
}
