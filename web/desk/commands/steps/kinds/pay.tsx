import { AmountField, TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import { type StepForm, whom } from '../stepForm.ts'

const PayFields = ({ step, setStep, around }: FieldsOf<'pay'>) => (
  <Row>
    <AmountField amount={step.amount} onAmount={(amount) => setStep({ ...step, amount })} around={around} />
    <TargetField label="to" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} />
  </Row>
)

export const payForm: StepForm<'pay'> = {
  name: 'Pay',
  fresh: (_, viewer) => ({ do: 'pay', to: whom(viewer), amount: { fixed: 10 } }),
  Fields: PayFields,
}
