import { Select } from '../../../../parts/form/inputs.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import { SetupChoice } from '../SetupChoice.tsx'
import type { StepForm } from '../stepForm.ts'

const HOWS = [
  { value: 'start', name: 'start a raffle from' },
  { value: 'close', name: 'close the raffle started from' },
  { value: 'draw', name: 'draw in the raffle started from' },
  { value: 'callOff', name: 'call off and refund the raffle started from' },
] as const

/** Starts a raffle, or goes on with it. */
const RaffleFields = ({ step, setStep, view }: FieldsOf<'raffle'>) => (
  <Row>
    <Select label="What to do" value={step.how} choices={HOWS} onChoose={(how) => setStep({ ...step, how })} />
    <SetupChoice view={view} value={step.setup} onValue={(setup) => setStep({ ...step, setup })} />
  </Row>
)

export const raffleForm: StepForm<'raffle'> = {
  name: 'Run a raffle',
  fresh: ({ setups }) => ({ do: 'raffle', how: 'start', setup: setups[0]?.id ?? 1 }),
  Fields: RaffleFields,
}
