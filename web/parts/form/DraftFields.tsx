import { type AnyFormApi, FormApi } from '@tanstack/react-form'
import { createContext, type ReactNode, useContext, useLayoutEffect, useState } from 'react'
import type { Faults } from '#core/faults'
import { ApiProblem } from '../api.ts'
import { same } from '../same.ts'
import type { Draft } from './drafts.tsx'

interface Around {
  readonly form: AnyFormApi
  readonly faults: Faults
  /** What the server said of places when it was sent last. */
  readonly refused: Faults
}

const FormAround = createContext<Around | undefined>(undefined)

/** The form around a field. @throws without one: a field with a name stands in `DraftFields`. */
export function useFormAround(): Around {
  const around = useContext(FormAround)
  if (around === undefined) throw new Error('A field with a name stands in DraftFields.')
  return around
}

interface DraftFieldsProps<T> {
  readonly kept: Pick<Draft<T>, 'draft' | 'put'>
  /** What is wrong with the draft, by field; it is said at its field once somebody has been there. */
  readonly faults: Faults
  /** Why it was refused when it was sent last. */
  readonly error?: Error | null
  readonly children: ReactNode
}

/**
 * The fields of a draft: each says its name, and has its value, its change and what is wrong with it from here. The form lives
 * as long as it is seen; what is typed is kept as the draft, which outlives it.
 */
export function DraftFields<T extends object>({ kept, faults, error, children }: DraftFieldsProps<T>) {
  const { draft, put } = kept
  const options = {
    defaultValues: draft,
    validators: { onChange: () => fieldsOf(faults) },
    listeners: { onChange: ({ formApi }: { formApi: { state: { values: T } } }) => put(formApi.state.values) },
  }
  // Not by useForm: what that gives to fields goes on with the options of the first time.
  const [form] = useState(() => new FormApi(options))
  useLayoutEffect(() => form.mount(), [form])
  useLayoutEffect(() => {
    form.update(options)
    for (const name of Object.keys(draft) as (keyof T & string)[])
      if (!same(form.state.values[name], draft[name]))
        form.setFieldValue(name as never, draft[name] as never, NOT_TYPED)
    void form.validate('change')
  })
  const refused = error instanceof ApiProblem ? error.faults : {}
  return <FormAround value={{ form: form as unknown as AnyFormApi, faults, refused }}>{children}</FormAround>
}

/** What comes from the draft is not typed here. */
const NOT_TYPED = { dontUpdateMeta: true, dontRunListeners: true, dontValidate: true }

const fieldsOf = (faults: Faults) => (Object.keys(faults).length === 0 ? undefined : { fields: { ...faults } })
