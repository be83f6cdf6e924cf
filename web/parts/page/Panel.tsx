import { clsx } from 'clsx'
import { type ReactNode, useId } from 'react'

export interface PanelProps {
  readonly title: ReactNode
  /** A few words at the right of the title. */
  readonly aside?: ReactNode
  readonly className?: string
  readonly bodyClassName?: string
  readonly children: ReactNode
}

/** A bordered part of a page with a heading. */
export function Panel({ title, aside, className, bodyClassName, children }: PanelProps) {
  const id = useId()
  return (
    <section
      aria-labelledby={id}
      className={clsx('flex min-h-0 flex-col rounded-md border border-line bg-panel', className)}
    >
      <header className="flex items-baseline justify-between gap-3 border-b border-line px-4 py-2.5">
        <h2 id={id} className="text-base">
          {title}
        </h2>
        {aside && <p className="text-sm text-muted">{aside}</p>}
      </header>
      <div className={clsx('min-h-0 flex-1 max-lg:overflow-x-auto', bodyClassName)}>{children}</div>
    </section>
  )
}

/** What stands where there is nothing yet: what to do first, and the button for it. */
export function Empty({ children, action }: { children: ReactNode; action?: ReactNode }) {
  return (
    <div className="flex flex-col items-start gap-3 p-4 text-muted">
      <p>{children}</p>
      {action}
    </div>
  )
}
