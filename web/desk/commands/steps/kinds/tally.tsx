import { tallyHows } from '#core/steps'
import { Select } from '../../../../parts/form/inputs.tsx'
import { AmountField, TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import { type StepForm, whom } from '../stepForm.ts'

const HOWS = { add: 'add', take: 'take', set: 'set to', pass: 'pass on from the viewer' } as const

function TallyFields({ step, setStep, view, around }: FieldsOf<'tally'>) {
  return (
    <Row>
      <Select
        label="Tally"
        value={String(step.tally)}
        choices={view.tallies.map(({ id, name }) => ({ value: String(id), name }))}
        onChoose={(tally) => setStep({ ...step, tally: Number(tally) })}
      />
      <Select
        label="How"
        value={step.how}
        choices={tallyHows.map((value) => ({ value, name: HOWS[value] }))}
        onChoose={(how) => setStep({ ...step, how })}
      />
      <AmountField amount={step.amount} onAmount={(amount) => setStep({ ...step, amount })} around={around} unit="" />
      <TargetField
        label={step.how === 'pass' ? 'to' : 'for'}
        target={step.to}
        onTarget={(to) => setStep({ ...step, to })}
        around={around}
        one={step.how === 'pass'}
      />
    </Row>
  )
}

export const tallyForm: StepForm<'tally'> = {
  name: 'Change a tally',
  fresh: ({ tallies }, viewer) => ({
    do: 'tally',
    tally: tallies[0]?.id ?? 1,
    how: 'add',
    to: whom(viewer),
    amount: { fixed: 1 },
  }),
  Fields: TallyFields,
}
