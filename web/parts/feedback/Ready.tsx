import { CircleAlert, CircleCheck } from 'lucide-react'
import { Link } from 'react-router'
import type { Readiness } from '#core/runs'
import { sharedFaults } from './sharedFaults.ts'

/** Whether something works now, in one line, and the way to fix it. @param said - The list says it above: a mark is enough. */
export function Ready({ ready, said = [] }: { ready: Readiness; said?: readonly string[] }) {
  const Icon = ready.ready ? CircleCheck : CircleAlert
  const above = said.includes(ready.sentence)
  return (
    <span className="inline-flex items-start gap-1.5">
      <Icon
        aria-hidden="true"
        className={`mt-0.5 size-4 shrink-0 ${ready.ready ? 'text-moss-text' : 'text-brick-text'}`}
      />
      <span>
        {above ? (
          <span className="text-muted" title={ready.sentence}>
            See above
          </span>
        ) : (
          <span className={ready.ready ? 'text-muted' : ''}>{ready.sentence}</span>
        )}
        {ready.more > 0 && <span className="text-muted"> (and {ready.more} more)</span>}
        {!above && ready.fix && (
          <>
            {' '}
            <Link to={ready.fix.page} className="text-brass-text underline">
              {ready.fix.label}
            </Link>
          </>
        )}
      </span>
    </span>
  )
}

interface SharedFaultsProps {
  readonly all: readonly Readiness[]
  /** What the rows are, for many: rewards. */
  readonly many: string
}

/** Above a list: what keeps many of its rows from working, said once, with the way to fix it. */
export function SharedFaults({ all, many }: SharedFaultsProps) {
  const shared = sharedFaults(all)
  if (shared.length === 0) return null
  return (
    <ul className="flex flex-col gap-1 rounded-md border border-line bg-panel px-3 py-2">
      {shared.map(({ fault, count }) => (
        <li key={fault.sentence} className="flex flex-wrap items-baseline gap-x-3">
          <Ready ready={{ ...fault, more: 0 }} />
          <span className="text-muted">
            {count} {many}
          </span>
        </li>
      ))}
    </ul>
  )
}

/** The sentences that {@link SharedFaults} says above the list. */
export const saidAbove = (all: readonly Readiness[]): string[] => sharedFaults(all).map(({ fault }) => fault.sentence)
