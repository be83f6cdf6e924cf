import { CircleAlert } from 'lucide-react'
import { Button } from '../Button.tsx'

/** What went wrong, in a sentence, and a way to try again. */
export function Problem({ error, retry }: { error: Error; retry?: () => void }) {
  return (
    <div role="alert" className="flex items-start gap-3 rounded-md border border-brick bg-panel p-3">
      <CircleAlert aria-hidden="true" className="mt-0.5 size-5 shrink-0 text-brick-text" />
      <div className="flex flex-col items-start gap-2">
        <p>{error.message}</p>
        {retry && <Button onClick={retry}>Try again</Button>}
      </div>
    </div>
  )
}

/** Something is on its way. Says so to screen readers, too. */
export function Loading({ what }: { what: string }) {
  return (
    <p role="status" className="p-4 text-muted">
      Loading {what} …
    </p>
  )
}
