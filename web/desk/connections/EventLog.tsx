import type { Answer } from '../../parts/api/called.ts'
import { timeText } from '../../parts/time.ts'
import { eventInWords } from './eventInWords.ts'

export type ReceivedEvent = Answer<'/desk/connections'>['events'][number]

export type EventRefusal = Answer<'/desk/connections'>['refusals'][number]

interface EventLogProps {
  readonly events: readonly ReceivedEvent[]
  readonly refusals: readonly EventRefusal[]
}

/** The last deliveries, newest first: what came, and what was turned away and why. */
export function EventLog({ events, refusals }: EventLogProps) {
  return (
    <>
      {refusals.length > 0 && <TurnedAway refusals={refusals} />}
      {events.length === 0 && (
        <p className="px-4 py-3 text-muted">No event has arrived yet. The test shows what one looks like.</p>
      )}
      {events.length > 0 && <Came events={events} />}
    </>
  )
}

function TurnedAway({ refusals }: Pick<EventLogProps, 'refusals'>) {
  return (
    <details className="border-b border-line px-4 py-2.5">
      <summary className="cursor-pointer">
        {refusals.reduce((sum, { times }) => sum + times, 0)} rejected recently, last at{' '}
        {timeText(refusals[0]?.at ?? 0)}
      </summary>
      <ul className="pt-1">
        {refusals.map(({ id, at, sentence, times }) => (
          <li key={id} className="flex gap-3 py-1">
            <time className="tabular shrink-0 text-muted">{timeText(at)}</time>
            <span>
              {sentence}
              {times > 1 && <span className="tabular text-muted"> ({times} times)</span>}
            </span>
          </li>
        ))}
      </ul>
    </details>
  )
}

function Came({ events }: Pick<EventLogProps, 'events'>) {
  return (
    <table className="w-full text-left">
      <thead className="text-sm text-muted">
        <tr>
          <th scope="col" className="w-24 px-4 py-2 font-normal whitespace-nowrap">
            Received
          </th>
          <th scope="col" className="py-2 pr-4 font-normal">
            What happened
          </th>
          <th scope="col" className="py-2 pr-4 font-normal">
            Result
          </th>
        </tr>
      </thead>
      <tbody>
        {events.map((event) => (
          <tr key={event.id} className="border-t border-line align-baseline">
            <td className="tabular px-4 py-1.5 text-muted">{timeText(event.at)}</td>
            <td className="py-1.5 pr-4 break-words">{eventInWords(event)}</td>
            <td className="py-1.5 pr-4 text-muted">{event.outcome}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
