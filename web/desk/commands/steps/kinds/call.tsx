import { Select } from '../../../../parts/form/inputs.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import type { StepForm } from '../stepForm.ts'

const CallFields = ({ step, setStep, view }: FieldsOf<'call'>) => (
  <Select
    label="Command"
    value={String(step.command)}
    choices={view.commands.map(({ id, settings }) => ({ value: String(id), name: `!${settings.word}` }))}
    onChoose={(command) => setStep({ ...step, command: Number(command) })}
  />
)

export const callForm: StepForm<'call'> = {
  name: 'Run another command’s steps',
  fresh: ({ commands }) => ({ do: 'call', command: commands[0]?.id ?? 1 }),
  Fields: CallFields,
}
