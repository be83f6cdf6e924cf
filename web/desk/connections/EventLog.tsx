import type { Answer } from '../../parts/api/called.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
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
      {events.length > 0 && <DataTable inPanel label="Events" rows={events} columns={COLUMNS} keyOf={({ id }) => id} />}
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

const COLUMNS: readonly Column<ReceivedEvent>[] = [
  {
    id: 'received',
    head: 'Received',
    width: 'w-24',
    card: 'aside',
    cell: ({ at }) => <span className="tabular text-muted">{timeText(at)}</span>,
  },
  { id: 'what', head: 'What happened', card: 'title', cell: (event) => eventInWords(event) },
  { id: 'result', head: 'Result', cell: ({ outcome }) => <span className="text-muted">{outcome}</span> },
]
