import type { StepFieldsProps } from './fieldsOf.ts'
import { formOf } from './forms.ts'

/** The fields of a step, by its kind. */
export function StepFields(props: StepFieldsProps) {
  const { Fields } = formOf(props.step.do)
  return <Fields {...props} />
}
