import { ConditionFields } from '../ConditionFields.tsx'
import type { StepForm } from '../stepForm.ts'

export const whenForm: StepForm<'when'> = {
  name: 'Only if',
  fresh: () => ({ do: 'when', if: {}, steps: [], otherwise: [] }),
  Fields: ConditionFields,
}
