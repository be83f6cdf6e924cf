import type { FormEvent, ReactNode } from 'react'
import { Button } from '../Button.tsx'
import { Problem } from '../feedback/Notice.tsx'
import { FormDialog } from './FormDialog.tsx'

interface DialogFormProps {
  readonly title: string
  readonly close: () => void
  readonly wide?: boolean
  /** What its button does, in a word or two. */
  readonly does: ReactNode
  readonly go: () => void
  /** It takes something away. */
  readonly danger?: boolean
  /** What is still missing keeps it from being done. */
  readonly off?: boolean
  /** How it goes: why it was refused is said where it was typed. */
  readonly change?: { readonly isPending: boolean; readonly error: Error | null }
  /** What leaving it is called. */
  readonly leave?: string
  /** At the left of the buttons. */
  readonly aside?: ReactNode
  readonly children?: ReactNode
}

/** A dialog that asks something and does one thing with it; a refusal stays in it, with all that was typed. */
export function DialogForm(props: DialogFormProps) {
  const { title, close, wide = false, does, go, danger = false, off = false, change, leave = 'Not now' } = props
  const submit = (event: FormEvent) => {
    event.preventDefault()
    if (!off && !change?.isPending) go()
  }
  return (
    <FormDialog title={title} close={close} wide={wide}>
      <form onSubmit={submit} className="flex flex-col gap-4">
        {props.children}
        {change?.error && <Problem error={change.error} />}
        <div className="flex flex-wrap items-center justify-end gap-2">
          {props.aside && <span className="mr-auto flex gap-2">{props.aside}</span>}
          <Button onClick={close} {...(danger && { 'data-autofocus': true })}>
            {leave}
          </Button>
          <Button look={danger ? 'danger' : 'main'} type="submit" disabled={off || change?.isPending}>
            {does}
          </Button>
        </div>
      </form>
    </FormDialog>
  )
}
