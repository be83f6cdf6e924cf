import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { LiveFact } from '../parts/feed.ts'
import { useToast } from '../parts/feedback/toasts.tsx'
import { invalidatedAtDesk } from '../parts/invalidates.ts'
import { useFeed } from '../parts/useFeed.ts'
import { useInvalidate } from '../parts/useInvalidate.ts'
import { appendLine } from './show/chat.ts'
import type { Status } from './status.ts'
import { tellArrival } from './store/arrival.ts'

/** What waits for the streamer from now on, in words; undefined: nothing more than before. */
function arrival({ kind, body }: LiveFact): string | undefined {
  if (kind === 'redemption.waits') return body.name
  const waits = kind === 'order.back' || (kind === 'order.placed' && body.status === 'waiting')
  return waits ? `${body.rewardName}, ${body.viewerName}` : undefined
}

/** Keeps the desk current: facts mark queries as outdated, chat lines are appended, a waiting order rings. */
export function useDeskLive(status: Status | undefined): boolean {
  const client = useQueryClient()
  const refresh = useInvalidate()
  const toast = useToast()
  const [after, setAfter] = useState<number>()
  if (after === undefined && status !== undefined) setAfter(status.seq)
  const onFact = (fact: LiveFact) => {
    if (fact.kind === 'chat.said' || fact.kind === 'chat.replied') appendLine(client, fact)
    const waits = arrival(fact)
    if (waits !== undefined) tellArrival(waits)
    if (fact.kind === 'store.codesLow')
      toast({ text: `${fact.body.name}: ${fact.body.left} codes are left.`, look: 'problem' })
    if (fact.kind === 'store.low') toast({ text: `${fact.body.name}: ${fact.body.left} left.`, look: 'problem' })
    refresh(invalidatedAtDesk(fact.kind))
  }
  return useFeed({
    path: '/desk/feed',
    after,
    onFact,
    onReset: () => void client.invalidateQueries(),
  })
}
