import { Button } from '../../parts/Button.tsx'
import type { Starting } from './startKeys.ts'

/** Says what a key will open in a moment, and stops it. */
export function StartsSoon<T>({
  starting: { next, stop, left },
  name,
}: {
  starting: Starting<T>
  name: (row: T) => string
}) {
  return (
    next !== undefined && (
      <div
        role="alert"
        className="flex flex-wrap items-center gap-3 rounded-md border border-brass bg-brass-wash px-4 py-2.5"
      >
        <p className="tabular mr-auto">
          “{name(next)}” opens in {left} s.
        </p>
        <Button shortcut="Esc" onClick={stop}>
          Stop
        </Button>
      </div>
    )
  )
}
