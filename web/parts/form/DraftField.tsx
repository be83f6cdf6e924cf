import { useField } from '@tanstack/react-form'
import type { FocusEvent, ReactElement, ReactNode } from 'react'
import { useFormAround } from './DraftFields.tsx'
import { Field, type FieldProps } from './inputs.tsx'

/** What a control is given: its value, and what takes in what is typed. */
export interface Own<V> {
  readonly value: V
  readonly onValue: (value: V) => void
}

/** A field's name: `price`, or `limits.perDay`. The library's own names go down for ever where steps hold steps. */
type NameIn<T> = {
  [K in keyof T & string]: T[K] extends readonly unknown[]
    ? K
    : T[K] extends object
      ? K | `${K}.${keyof T[K] & string}`
      : K
}[keyof T & string]

type ValueAt<T, N> = N extends keyof T
  ? T[N]
  : N extends `${infer A}.${infer B}`
    ? A extends keyof T
      ? B extends keyof T[A]
        ? T[A][B]
        : never
      : never
    : never

interface DraftFieldProps<T, K extends NameIn<T>> extends Omit<FieldProps, 'children'> {
  /** Which field of the draft it is. */
  readonly name: K
  /** The control, with its value; one that does more than keep what is typed says so itself. */
  readonly children: (own: Own<ValueAt<T, K>>) => FieldProps['children']
}

/**
 * A field of the draft around it. What is wrong is said once somebody has been at the field and gone on, and at once where
 * the server said it.
 */
function DraftField({ name, children, error, ...frame }: DraftFieldProps<Record<string, unknown>, string>) {
  const { form, refused } = useFormAround()
  const field = useField({ form, name })
  const { errors, isBlurred } = field.state.meta
  const said = isBlurred ? errors.find((one) => typeof one === 'string') : undefined
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it only hears that the focus has gone on
    <div className="contents" onBlur={field.handleBlur}>
      <Field {...frame} error={error ?? said ?? refused[name]}>
        {children({ value: field.state.value, onValue: (value) => field.handleChange(value) })}
      </Field>
    </div>
  )
}

interface FaultsAtProps {
  /** The part of the draft that the controls within are about. */
  readonly name: string
  readonly children: ReactNode
}

/** What is wrong with several controls that belong together, below them, once somebody has been there and gone on. */
export function FaultsAt({ name, children }: FaultsAtProps) {
  const { form, faults, refused } = useFormAround()
  const { state, handleBlur } = useField({ form, name })
  const leave = ({ currentTarget, relatedTarget }: FocusEvent<HTMLElement>) => {
    if (!currentTarget.contains(relatedTarget as Node | null)) handleBlur()
  }
  const within = ([at]: readonly [string, string]) => at === name || at.startsWith(`${name}.`)
  const said = Object.entries({ ...refused, ...(state.meta.isBlurred && faults) }).filter(within)
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: it only hears that the focus has gone on
    <div className="flex flex-col gap-1" onBlur={leave}>
      {children}
      {said.map(([at, sentence]) => (
        <p key={at} className="text-note text-brick-text">
          {sentence}
        </p>
      ))}
    </div>
  )
}

/** The fields of one kind of draft: `const LampField = fieldOf<Lamp>()`, `<LampField name="watts" label="Power">`. */
export const fieldOf = <T,>() =>
  DraftField as unknown as <K extends NameIn<T>>(props: DraftFieldProps<T, K>) => ReactElement
