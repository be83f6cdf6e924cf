import { AmountField, TargetField } from '../choices.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import { SetupChoice } from '../SetupChoice.tsx'
import type { StepForm } from '../stepForm.ts'

/** Gives tickets of the raffle that is on, free of their price. */
const TicketFields = ({ step, setStep, view, around }: FieldsOf<'tickets'>) => (
  <Row>
    <AmountField
      amount={step.tickets}
      onAmount={(tickets) => setStep({ ...step, tickets })}
      around={around}
      unit="tickets"
    />
    <TargetField label="for" target={step.to} onTarget={(to) => setStep({ ...step, to })} around={around} one />
    <span>of the raffle started from</span>
    <SetupChoice view={view} value={step.setup} onValue={(setup) => setStep({ ...step, setup })} />
  </Row>
)

export const ticketsForm: StepForm<'tickets'> = {
  name: 'Give raffle tickets',
  fresh: ({ setups }) => ({
    do: 'tickets',
    setup: setups[0]?.id ?? 1,
    to: { of: 'caller' },
    tickets: { fixed: 1 },
  }),
  Fields: TicketFields,
}
