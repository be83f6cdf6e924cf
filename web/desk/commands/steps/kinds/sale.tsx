import { Select } from '../../../../parts/form/inputs.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import type { StepForm } from '../stepForm.ts'

const HOWS = [
  { value: 'on', name: 'put on sale' },
  { value: 'off', name: 'take off sale' },
] as const

const SaleFields = ({ step, setStep, view }: FieldsOf<'sale'>) => (
  <Row>
    <Select label="What to do" value={step.how} choices={HOWS} onChoose={(how) => setStep({ ...step, how })} />
    <Select
      label="Reward"
      value={String(step.reward)}
      choices={view.rewards.map(({ id, name }) => ({ value: String(id), name }))}
      onChoose={(reward) => setStep({ ...step, reward: Number(reward) })}
    />
  </Row>
)

export const saleForm: StepForm<'sale'> = {
  name: 'Put a reward on or off sale',
  fresh: ({ rewards }) => ({ do: 'sale', how: 'on', reward: rewards[0]?.id ?? 1 }),
  Fields: SaleFields,
}
