import { type ReactNode, useState } from 'react'
import { DialogForm } from '../../parts/dialog/DialogForm.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'

interface ReasonDialogProps {
  readonly title: string
  readonly children: ReactNode
  readonly does: string
  readonly close: () => void
  readonly go: (why: string) => void
  /** How it goes; the dialog stays open with what was typed. */
  readonly change: { readonly isPending: boolean; readonly error: Error | null }
  readonly leave?: string
  /** It may be done without a reason. */
  readonly optional?: boolean
}

/** Asks for a reason, and does something with it. */
export function ReasonDialog({ children, go, optional = false, ...dialog }: ReasonDialogProps) {
  const [why, setWhy] = useState('')
  return (
    <DialogForm leave="Leave it" {...dialog} danger go={() => go(why.trim())} off={!optional && why.trim() === ''}>
      {children}
      <Field label={`Why (everybody can read it${optional ? '; may be empty' : ''})`}>
        <TextInput data-autofocus value={why} most={200} onValue={setWhy} />
      </Field>
    </DialogForm>
  )
}
