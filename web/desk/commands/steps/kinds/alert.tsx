import { NumberInput, Select } from '../../../../parts/form/inputs.tsx'
import { PictureField, SoundField } from '../../../library/RefFields.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import type { StepForm } from '../stepForm.ts'
import { TextField } from '../TextField.tsx'

function AlertFields({ step, setStep, view, around }: FieldsOf<'alert'>) {
  const { alert, ...inline } = step
  return (
    <>
      <Select
        label="Alert"
        value={String(alert ?? '')}
        choices={[
          { value: '', name: 'One of its own' },
          ...view.alerts.map(({ id, name }) => ({ value: String(id), name: `Alert: ${name}` })),
        ]}
        onChoose={(next) => setStep(next === '' ? inline : { ...inline, alert: Number(next) })}
      />
      {alert === undefined && <InlineAlert step={step} setStep={setStep} view={view} around={around} />}
    </>
  )
}

function InlineAlert({ step, setStep, around }: Pick<FieldsOf<'alert'>, 'step' | 'setStep' | 'view' | 'around'>) {
  return (
    <>
      <TextField
        label="Title"
        value={step.title}
        onText={(title) => setStep({ ...step, title })}
        around={around}
        most={200}
      />
      <TextField
        label="Line below"
        value={step.line}
        onText={(line) => setStep({ ...step, line })}
        around={around}
        most={200}
      />
      <PictureField label="Picture" value={step.picture} onValue={(picture) => setStep({ ...step, picture })} videos />
      <Row>
        <SoundField sound={step.sound} onSound={(sound) => setStep({ ...step, sound })} />
        <NumberInput
          label="Seconds shown"
          value={step.seconds}
          most={30}
          onValue={(seconds) => setStep({ ...step, seconds: Math.max(2, seconds) })}
          className="w-16"
        />
        <span>seconds</span>
      </Row>
    </>
  )
}

export const alertForm: StepForm<'alert'> = {
  name: 'Show on screen',
  fresh: () => ({ do: 'alert', title: '', line: '', picture: 'lamp', sound: 'bell', seconds: 7 }),
  Fields: AlertFields,
}
