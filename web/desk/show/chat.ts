import { type QueryClient, queryOptions } from '@tanstack/react-query'
import { read } from '../../parts/api.ts'
import type { LiveFact } from '../../parts/live.ts'

export interface ChatLog {
  readonly seq: number
  readonly lines: readonly LiveFact[]
}

const KEPT = 200

export const chatQuery = queryOptions({
  queryKey: ['chat'],
  queryFn: ({ signal }) => read<ChatLog>('/desk/chat', signal),
  staleTime: Number.POSITIVE_INFINITY,
})

/** Adds a line that has just been said; one that is there already is not added twice. */
export function appendLine(client: QueryClient, fact: LiveFact): void {
  client.setQueryData(chatQuery.queryKey, (log) => {
    if (log === undefined || fact.seq <= (log.lines.at(-1)?.seq ?? 0)) return log
    return { seq: fact.seq, lines: [...log.lines, fact].slice(-KEPT) }
  })
}
