import type { FieldsOf } from '../fieldsOf.ts'
import type { StepForm } from '../stepForm.ts'
import { TextField } from '../TextField.tsx'

const SayFields = ({ step, setStep, around }: FieldsOf<'say'>) => (
  <TextField label="Text" value={step.text} onText={(text) => setStep({ ...step, text })} around={around} />
)

export const sayForm: StepForm<'say'> = {
  name: 'Say in chat',
  fresh: () => ({ do: 'say', text: '' }),
  Fields: SayFields,
}
