import { TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import type { StepForm } from '../stepForm.ts'
import { TextField } from '../TextField.tsx'

const TellFields = ({ step, setStep, around }: FieldsOf<'tell'>) => (
  <>
    <TargetField label="To" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} one />
    <TextField label="Text" value={step.text} onText={(text) => setStep({ ...step, text })} around={around} />
  </>
)

export const tellForm: StepForm<'tell'> = {
  name: 'Send privately',
  fresh: () => ({ do: 'tell', to: { of: 'caller' }, text: '' }),
  Fields: TellFields,
}
