import { Button } from '../Button.tsx'
import { Problem } from '../feedback/Notice.tsx'
import { Wrong } from '../feedback/Wrong.tsx'
import { useAreaRights } from '../page/areaRights.tsx'
import { DraftConflict } from './DraftConflict.tsx'
import type { Conflict } from './drafts.tsx'
import { LookOnly } from './SaveLine.tsx'

interface ApplyFootProps {
  readonly changed: boolean
  readonly wrong?: string | undefined
  readonly pending: boolean
  readonly error: Error | null
  readonly discard: () => void
  readonly conflict: Conflict | undefined
}

/** The foot of a form: what is wrong, what somebody else saved meanwhile, save, or discard. */
export function ApplyFoot({ changed, wrong, pending, error, discard, conflict }: ApplyFootProps) {
  if (!useAreaRights().change) return <LookOnly />
  return (
    <>
      <Wrong>{changed ? wrong : undefined}</Wrong>
      <DraftConflict conflict={conflict} />
      {error && <Problem error={error} />}
      <div className="flex items-center gap-2 border-t border-line pt-3">
        <Button
          look={changed ? 'main' : 'plain'}
          type="submit"
          disabled={!changed || wrong !== undefined || conflict !== undefined || pending}
        >
          {changed ? 'Apply now' : 'Applied'}
        </Button>
        {changed && <Button onClick={discard}>Discard changes</Button>}
        {changed && <span className="text-brass-text">unsaved changes</span>}
      </div>
    </>
  )
}
