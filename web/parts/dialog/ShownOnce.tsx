import type { ReactNode } from 'react'
import { Button } from '../Button.tsx'
import { useCopy } from '../useCopy.ts'
import { FormDialog } from './FormDialog.tsx'

interface ShownOnceProps {
  readonly title: string
  readonly secret: string
  /** What it is, at the beginning of a sentence. */
  readonly what: string
  readonly close: () => void
  /** What to do with it. */
  readonly children: ReactNode
}

/** A secret that is shown this once, to be copied. */
export function ShownOnce({ title, secret, what, close, children }: ShownOnceProps) {
  const copy = useCopy()
  return (
    <FormDialog title={title} close={close} wide>
      <p>{children}</p>
      <output className="rounded-md bg-surface px-3 py-2 font-mono text-sm break-all">{secret}</output>
      <div className="flex gap-2">
        <Button
          data-autofocus
          look="main"
          onClick={() => copy(secret, `${what} is copied.`, 'Select it and copy it by hand.')}
        >
          Copy
        </Button>
        <Button onClick={close}>Close</Button>
      </div>
    </FormDialog>
  )
}
