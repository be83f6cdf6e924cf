import { useQuery } from '@tanstack/react-query'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText } from '../../parts/time.ts'

/** What the bot had for me alone: codes, prizes, words about my orders. It is here even if it could not be whispered in chat. */
export function Messages() {
  const found = useQuery({
    queryKey: keyOf('messages'),
    queryFn: ({ signal }) => answerOf(api.GET('/me/messages', { signal })),
  })
  const messages = found.data?.messages ?? []
  if (messages.length === 0) return null
  return (
    <section aria-labelledby="messages" className="mb-7">
      <h2 id="messages" className="mb-1 text-xl">
        For you alone
      </h2>
      <ul>
        {messages.map(({ id, at, text }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-3 border-b border-line py-2">
            <time className="tabular shrink-0 text-sm text-muted">{dayText(at)}</time>
            <span className="min-w-0 break-words select-text">{text}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
