import { clsx } from 'clsx'
import type { ReactNode } from 'react'

/** A round light when all is well, a square one when not: never told by colour alone. */
export function Light({ good, children }: { good: boolean; children: ReactNode }) {
  return (
    <span className="flex items-center gap-2">
      <span
        aria-hidden="true"
        className={clsx('size-2.5 shrink-0', good ? 'rounded-full bg-moss' : 'rotate-45 bg-brick')}
      />
      <span>{children}</span>
      {!good && <span className="sr-only">(not connected)</span>}
    </span>
  )
}
