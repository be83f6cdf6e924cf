import { type QueryClient, queryOptions } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'

/** A line of the room, or what the bot has to say. */
export type ChatFact = ChatLog['lines'][number]

export type ChatLog = Answer<'/desk/chat'>

const KEPT = 200

/** The newest lines as they came live: a log that was read before them, and arrives after them, lacks them. */
const came = new WeakMap<QueryClient, readonly ChatFact[]>()

export const chatQuery = queryOptions({
  queryKey: keyOf('chat'),
  queryFn: async ({ signal, client }) => {
    const log = await answerOf(api.GET('/desk/chat', { signal }))
    return (came.get(client) ?? []).reduce(withLine, log)
  },
  staleTime: Number.POSITIVE_INFINITY,
})

/** A log with a line that has just been said; one that is there already is not added twice. */
function withLine(log: ChatLog, fact: ChatFact): ChatLog {
  if (fact.seq <= (log.lines.at(-1)?.seq ?? 0)) return log
  return { seq: fact.seq, lines: [...log.lines, fact].slice(-KEPT) }
}

/** Adds a line that has just been said, also to a log that is only being read. */
export function appendLine(client: QueryClient, fact: ChatFact): void {
  came.set(client, [...(came.get(client) ?? []), fact].slice(-KEPT))
  client.setQueryData(chatQuery.queryKey, (log) => log && withLine(log, fact))
}
