import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { feedAddress } from '../parts/api.ts'
import { type LiveFact, useLive } from '../parts/live.ts'
import { playSound } from '../parts/sound.ts'
import { useRefresh } from '../parts/useRefresh.ts'
import { appendLine } from './show/chat.ts'
import type { Status } from './status.ts'

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
  ['order.', ['orders', 'status', 'present', 'evening', 'viewer']],
  ['chat.voice', ['status', 'commands']],
  ['commands.changed', ['commands']],
  ['run.ended', ['runs']],
  ['tally.', ['tally', 'viewer']],
  ['redemption.', ['redemptions']],
  ['event.', ['connections']],
  ['screen.', ['status', 'overlays']],
]

/** Something waits for the streamer from now on. */
const rings = ({ kind, body }: LiveFact): boolean =>
  (kind === 'order.placed' && body.status === 'waiting') || kind === 'redemption.waits'

/** Keeps the desk current: facts mark queries as outdated, chat lines are appended, a waiting order rings. */
export function useDeskLive(status: Status | undefined): boolean {
  const client = useQueryClient()
  const refresh = useRefresh()
  const [after, setAfter] = useState<number>()
  if (after === undefined && status !== undefined) setAfter(status.seq)
  const onFact = (fact: LiveFact) => {
    if (fact.kind === 'chat.said' || fact.kind === 'chat.replied') appendLine(client, fact)
    if (rings(fact)) void playSound('bell', 0.6)
    for (const [prefix, names] of OUTDATES) if (fact.kind.startsWith(prefix)) refresh(names)
  }
  return useLive({
    address: after === undefined ? undefined : feedAddress('/desk/feed', after),
    onFact,
    onReset: () => void client.invalidateQueries(),
  })
}
