import { Select } from '../../../../parts/form/inputs.tsx'
import { TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import type { StepForm } from '../stepForm.ts'
import { TextField } from '../TextField.tsx'

function OrderFields({ step, setStep, view, around }: FieldsOf<'order'>) {
  return (
    <>
      <Row>
        <Select
          label="Reward"
          value={String(step.reward)}
          choices={view.rewards.map(({ id, name }) => ({ value: String(id), name }))}
          onChoose={(reward) => setStep({ ...step, reward: Number(reward) })}
        />
        <TargetField label="for" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} one />
      </Row>
      <TextField
        label="The buyer’s text"
        value={step.text}
        onText={(text) => setStep({ ...step, text })}
        around={around}
      />
    </>
  )
}

export const orderForm: StepForm<'order'> = {
  name: 'Order a reward for free',
  fresh: ({ rewards }) => ({ do: 'order', reward: rewards[0]?.id ?? 1, to: { of: 'caller' }, text: '' }),
  Fields: OrderFields,
}
