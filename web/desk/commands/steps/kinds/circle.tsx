import { Select } from '../../../../parts/form/inputs.tsx'
import { TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import { type StepForm, whom } from '../stepForm.ts'

function CircleFields({ step, setStep, view, around }: FieldsOf<'circle'>) {
  return (
    <Row>
      <TargetField label="Who" target={step.who} onTarget={(who) => setStep({ ...step, who })} around={around} />
      <Select
        label="In or out"
        value={step.how}
        choices={[
          { value: 'in', name: 'joins' },
          { value: 'out', name: 'leaves' },
        ]}
        onChoose={(how) => setStep({ ...step, how })}
      />
      <Select
        label="Circle"
        value={String(step.circle)}
        choices={view.circles.map(({ id, name }) => ({ value: String(id), name }))}
        onChoose={(circle) => setStep({ ...step, circle: Number(circle) })}
      />
    </Row>
  )
}

export const circleForm: StepForm<'circle'> = {
  name: 'Change who is in a circle',
  fresh: ({ circles }, viewer) => ({ do: 'circle', circle: circles[0]?.id ?? 1, how: 'in', who: whom(viewer) }),
  Fields: CircleFields,
}
