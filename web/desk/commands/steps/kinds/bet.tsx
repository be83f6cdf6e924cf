import { Select } from '../../../../parts/form/inputs.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import type { StepForm } from '../stepForm.ts'

const HOWS = [
  { value: 'open', name: 'open a bet from' },
  { value: 'lock', name: 'lock the bet opened from' },
  { value: 'callOff', name: 'call off and refund the bet opened from' },
] as const

/** Opens a bet, or goes on with it. */
const BetFields = ({ step, setStep, view }: FieldsOf<'bet'>) => (
  <Row>
    <Select label="What to do" value={step.how} choices={HOWS} onChoose={(how) => setStep({ ...step, how })} />
    {view.bets.length === 0 ? (
      <span className="text-muted">Keep a template under Bets first: this step opens one.</span>
    ) : (
      <Select
        label="Template of the bet"
        value={String(step.template)}
        choices={view.bets.map(({ id, settings }) => ({ value: String(id), name: settings.question }))}
        onChoose={(template) => setStep({ ...step, template: Number(template) })}
      />
    )}
  </Row>
)

export const betForm: StepForm<'bet'> = {
  name: 'Run a bet',
  fresh: ({ bets }) => ({ do: 'bet', how: 'open', template: bets[0]?.id ?? 1 }),
  Fields: BetFields,
}
