import { Select } from '../../parts/form/inputs.tsx'
import { AmountField, TargetField } from '../commands/steps/choices.tsx'
import type { FieldsOf } from '../commands/steps/fieldsOf.ts'
import type { CommandsView } from '../commands/view.ts'

const HOWS = [
  { value: 'start', name: 'start a raffle from' },
  { value: 'close', name: 'close the raffle started from' },
  { value: 'draw', name: 'draw in the raffle started from' },
  { value: 'callOff', name: 'call off and refund the raffle started from' },
] as const

const Setup = ({ view, value, onValue }: { view: CommandsView; value: number; onValue: (setup: number) => void }) =>
  view.setups.length === 0 ? (
    <span className="text-muted">Save a template under Raffles first: this step starts one.</span>
  ) : (
    <Select
      label="Template of the raffle"
      value={String(value)}
      choices={view.setups.map(({ id, settings }) => ({ value: String(id), name: settings.title }))}
      onChoose={(setup) => onValue(Number(setup))}
    />
  )

const ROW = 'flex flex-wrap items-center gap-2'

/** Starts a raffle, or goes on with it. */
export const RaffleFields = ({ step, setStep, view }: FieldsOf<'raffle'>) => (
  <div className={ROW}>
    <Select label="What to do" value={step.how} choices={HOWS} onChoose={(how) => setStep({ ...step, how })} />
    <Setup view={view} value={step.setup} onValue={(setup) => setStep({ ...step, setup })} />
  </div>
)

/** Gives tickets of the raffle that is on, free of their price. */
export const TicketFields = ({ step, setStep, view, around }: FieldsOf<'tickets'>) => (
  <div className={ROW}>
    <AmountField
      amount={step.tickets}
      onAmount={(tickets) => setStep({ ...step, tickets })}
      around={around}
      unit="tickets"
    />
    <TargetField label="for" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} one />
    <span>of the raffle started from</span>
    <Setup view={view} value={step.setup} onValue={(setup) => setStep({ ...step, setup })} />
  </div>
)
