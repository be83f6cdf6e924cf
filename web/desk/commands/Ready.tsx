import { CircleAlert, CircleCheck } from 'lucide-react'
import { Link } from 'react-router'
import type { Readiness } from '#core/runs'

/** Whether something works now, in one line, and the way to mend it. */
export function Ready({ ready }: { ready: Readiness }) {
  const Icon = ready.ready ? CircleCheck : CircleAlert
  return (
    <span className="inline-flex items-start gap-1.5">
      <Icon
        aria-hidden="true"
        className={`mt-0.5 size-4 shrink-0 ${ready.ready ? 'text-moss-text' : 'text-brick-text'}`}
      />
      <span>
        <span className={ready.ready ? 'text-muted' : ''}>{ready.sentence}</span>
        {ready.mend && (
          <>
            {' '}
            <Link to={ready.mend.page} className="text-brass-text underline">
              {ready.mend.label}
            </Link>
          </>
        )}
      </span>
    </span>
  )
}
