import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { feedAddress } from '../parts/api.ts'
import { type LiveFact, useLive } from '../parts/live.ts'
import { useToast } from '../parts/toasts.tsx'
import { useRefresh } from '../parts/useRefresh.ts'
import { appendLine } from './show/chat.ts'
import type { Status } from './status.ts'
import { tellArrival } from './store/arrival.ts'

/** Which of the desk's queries a kind of fact makes outdated. */
const OUTDATES: readonly (readonly [prefix: string, names: readonly string[]])[] = [
  ['show.', ['status', 'evening', 'present']],
  ['presence.gap', ['gaps']],
  ['supporter.', ['supporters']],
  ['people.changed', ['people', 'viewer', 'ranks']],
  ['rank.changed', ['viewer']],
  ['ranks.changed', ['ranks', 'people']],
  ['currency.changed', ['status', 'words', 'earning']],
  ['people.adjusted', ['viewer', 'present', 'people', 'corrections']],
  ['people.', ['status', 'present']],
  ['earning.paid', ['status', 'present', 'evening', 'viewer']],
  ['earning.changed', ['earning']],
  ['order.', ['orders', 'history', 'store', 'status', 'present', 'evening', 'viewer']],
  ['store.', ['store', 'commands']],
  ['chat.voice', ['status', 'commands']],
  ['commands.changed', ['commands']],
  ['games.changed', ['games', 'commands']],
  ['raffle.setups', ['raffleForm', 'commands']],
  ['raffle.', ['raffles']],
  ['round.', ['rounds', 'games']],
  ['run.ended', ['runs']],
  ['tally.', ['tally', 'viewer']],
  ['redemption.', ['redemptions']],
  ['event.', ['connections']],
  ['screen.', ['status', 'screen', 'store']],
]

/** Something waits for the streamer from now on. */
const rings = ({ kind, body }: LiveFact): boolean =>
  (kind === 'order.placed' && body.status === 'waiting') || kind === 'order.back' || kind === 'redemption.waits'

const arrivalWords = ({ body }: LiveFact): string =>
  body.rewardName === undefined ? String(body.name ?? '') : `${body.rewardName}, ${body.viewerName}`

/** Keeps the desk current: facts mark queries as outdated, chat lines are appended, a waiting order rings. */
export function useDeskLive(status: Status | undefined): boolean {
  const client = useQueryClient()
  const refresh = useRefresh()
  const toast = useToast()
  const [after, setAfter] = useState<number>()
  if (after === undefined && status !== undefined) setAfter(status.seq)
  const onFact = (fact: LiveFact) => {
    if (fact.kind === 'chat.said' || fact.kind === 'chat.replied') appendLine(client, fact)
    if (rings(fact)) tellArrival(arrivalWords(fact))
    if (fact.kind === 'store.codesLow')
      toast({ text: `${fact.body.name}: ${fact.body.left} codes are left.`, look: 'problem' })
    for (const [prefix, names] of OUTDATES) if (fact.kind.startsWith(prefix)) refresh(names)
  }
  return useLive({
    address: after === undefined ? undefined : feedAddress('/desk/feed', after),
    onFact,
    onReset: () => void client.invalidateQueries(),
  })
}
