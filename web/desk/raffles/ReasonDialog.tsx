import { useState } from 'react'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'

/** Asks for a reason, and does something with it. */
export function ReasonDialog({
  title,
  children,
  does,
  close,
  go,
  error,
}: {
  title: string
  children: React.ReactNode
  does: string
  close: () => void
  go: (why: string) => void
  /** Why it was refused; the dialog stays open with what was typed. */
  error: Error | null
}) {
  const [why, setWhy] = useState('')
  return (
    <FormDialog title={title} close={close}>
      {children}
      <label className="flex flex-col gap-1">
        Why (everybody can read it)
        <input value={why} maxLength={200} onChange={(event) => setWhy(event.target.value)} className={INPUT} />
      </label>
      {error && <Problem error={error} />}
      <div className="flex gap-2">
        <Button look="danger" disabled={why.trim() === ''} onClick={() => go(why.trim())}>
          {does}
        </Button>
        <Button onClick={close}>Leave it</Button>
      </div>
    </FormDialog>
  )
}
