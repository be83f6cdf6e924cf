import { type ReactNode, useId } from 'react'

export interface FieldProps {
  readonly label: string
  readonly hint?: string
  readonly problem?: string | undefined
  /** Renders the input; what it is given ties it to its label and to what is wrong with it. */
  readonly children: (field: { id: string; 'aria-invalid': boolean; 'aria-describedby': string }) => ReactNode
}

/** A labelled input with a hint and, where there is one, what to change. */
export function Field({ label, hint, problem, children }: FieldProps) {
  const id = useId()
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-medium">
        {label}
      </label>
      {children({ id, 'aria-invalid': problem !== undefined, 'aria-describedby': `${id}-note` })}
      <p id={`${id}-note`} className={`text-sm ${problem ? 'text-brick-text' : 'text-muted'}`}>
        {problem ?? hint}
      </p>
    </div>
  )
}
