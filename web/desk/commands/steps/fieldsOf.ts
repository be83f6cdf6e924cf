import type { Step, StepOf } from '#core/steps'
import type { StepsFor } from './nested.ts'

export interface StepFieldsProps extends StepsFor {
  readonly step: Step
  readonly at: readonly number[]
  readonly setStep: (step: Step) => void
}

export type FieldsOf<K extends Step['do']> = Omit<StepFieldsProps, 'step'> & { readonly step: StepOf<K> }
