import { queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

export type ChannelView = Answer<'/desk/channel'>

/** What only owners see of their channel. */
export const channelStateQuery = queryOptions({
  queryKey: keyOf('channelState'),
  queryFn: ({ signal }) => answerOf(api.GET('/desk/channel', { signal })),
})
