import { AmountField, TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import { type StepForm, whom } from '../stepForm.ts'

const TakeFields = ({ step, setStep, around }: FieldsOf<'take'>) => (
  <Row>
    <AmountField amount={step.amount} onAmount={(amount) => setStep({ ...step, amount })} around={around} />
    <TargetField label="from" target={step.from} onTarget={(from) => setStep({ ...step, from })} around={around} />
  </Row>
)

export const takeForm: StepForm<'take'> = {
  name: 'Take',
  fresh: (_, viewer) => ({ do: 'take', from: whom(viewer), amount: { fixed: 10 } }),
  Fields: TakeFields,
}
