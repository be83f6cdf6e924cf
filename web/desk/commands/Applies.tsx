import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/Notice.tsx'

interface AppliesProps {
  readonly changed: boolean
  readonly wrong?: string | undefined
  readonly pending: boolean
  readonly error: Error | null
  readonly back: () => void
}

/** The foot of a form: what is wrong, apply, or back to what is live. */
export function Applies({ changed, wrong, pending, error, back }: AppliesProps) {
  return (
    <>
      {wrong && changed && (
        <p role="alert" className="text-brick-text">
          {wrong}
        </p>
      )}
      {error && <Problem error={error} />}
      <div className="flex items-center gap-2 border-t border-line pt-3">
        <Button look={changed ? 'main' : 'plain'} type="submit" disabled={!changed || wrong !== undefined || pending}>
          {changed ? 'Apply now' : 'Applied'}
        </Button>
        {changed && <Button onClick={back}>Back to what is live</Button>}
        {changed && <span className="text-brass-text">not live yet</span>}
      </div>
    </>
  )
}
