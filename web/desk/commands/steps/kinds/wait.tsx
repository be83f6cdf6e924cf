import { NumberInput } from '../../../../parts/form/inputs.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import type { StepForm } from '../stepForm.ts'

const WaitFields = ({ step, setStep }: FieldsOf<'wait'>) => (
  <Row>
    <NumberInput
      label="Seconds to wait"
      value={step.seconds}
      most={3600}
      onValue={(seconds) => setStep({ ...step, seconds: Math.max(1, seconds) })}
    />
    <span>seconds, then go on. A restart does not end it.</span>
  </Row>
)

export const waitForm: StepForm<'wait'> = {
  name: 'Wait',
  fresh: () => ({ do: 'wait', seconds: 3 }),
  Fields: WaitFields,
}
