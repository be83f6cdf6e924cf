import { SoundField } from '../../../library/RefFields.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import type { StepForm } from '../stepForm.ts'

const SoundFields = ({ step, setStep }: FieldsOf<'sound'>) => (
  <SoundField sound={step.sound} onSound={(sound) => setStep({ ...step, sound })} />
)

export const soundForm: StepForm<'sound'> = {
  name: 'Play a sound',
  fresh: () => ({ do: 'sound', sound: 'bell' }),
  Fields: SoundFields,
}
