import type { ReactNode } from 'react'
import type { Readiness } from '#core/runs'
import { Problem } from '../feedback/Notice.tsx'
import { Ready } from '../feedback/Ready.tsx'
import { Wrong } from '../feedback/Wrong.tsx'
import type { QueryName } from '../queryKey.ts'
import { DraftConflict } from './DraftConflict.tsx'
import { RemoveButton } from './RemoveButton.tsx'
import { SaveLine } from './SaveLine.tsx'
import type { Saved } from './useSaved.ts'

interface SaveFootProps<S> {
  readonly saved: Saved<S>
  readonly wrong: string | undefined
  readonly ready: Readiness
  /** What it is called where it is taken away. */
  readonly nameOf: (settings: S) => string
  readonly close: () => void
  /** How taking it away is called on the button; and what is outdated by it. */
  readonly how?: string
  readonly refreshes?: QueryName
  /** More to press, beside what takes it away. */
  readonly more?: ReactNode
}

/** The foot of a form: what is wrong, whether it would work, and whether what is seen is live. */
export function SaveFoot<S>(props: SaveFootProps<S>) {
  const { saved, wrong, ready, nameOf, close, how = 'Remove', refreshes = 'commands', more } = props
  const { at, conflict, live, changed, save } = saved
  return (
    <div className="flex flex-col gap-2">
      {wrong !== undefined && changed ? <Wrong>{wrong}</Wrong> : <Ready ready={ready} />}
      <DraftConflict conflict={conflict} />
      {save.error && changed && <Problem error={save.error} />}
      <div className="flex flex-wrap items-center gap-2">
        <SaveLine
          {...saved}
          off={wrong !== undefined || conflict !== undefined}
          saving={save.isPending}
          save={() => save.mutate(saved.draft)}
        />
        {live && (
          <span className="ml-auto flex items-center gap-1">
            {more}
            <RemoveButton
              send={() => at.remove(live.id)}
              name={nameOf(live.settings)}
              close={close}
              refreshes={refreshes}
              how={how}
            />
          </span>
        )}
      </div>
    </div>
  )
}
