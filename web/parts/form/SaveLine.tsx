import { Button } from '../Button.tsx'
import { useAreaRights } from '../page/areaRights.tsx'

interface SaveLineProps {
  /** What is seen is not live. */
  readonly changed: boolean
  /** Something was typed that is saved nowhere else; a new one that nothing was typed into is no loss. */
  readonly typed: boolean
  /** Something keeps it from being saved. */
  readonly off: boolean
  readonly saving: boolean
  readonly save: () => void
  readonly discard: () => void
}

/** In place of what saves, for who may look and not change. */
export const LookOnly = () => <p className="text-muted">You may look at this. To change it, ask an owner.</p>

/** What saves and what discards, while there is something to save; and how it stands. */
export function SaveLine({ changed, typed, off, saving, save, discard }: SaveLineProps) {
  if (!useAreaRights().change) return <LookOnly />
  return (
    <>
      {changed && (
        <Button look="main" disabled={off || saving} onClick={save}>
          {saving ? 'Saving …' : 'Save now'}
        </Button>
      )}
      {typed && <Button onClick={discard}>Discard changes</Button>}
      <span role="status" className={changed ? 'text-brass-text' : 'text-muted'}>
        {typed ? 'Unsaved changes.' : changed ? 'Not saved yet.' : 'Saved.'}
      </span>
    </>
  )
}
