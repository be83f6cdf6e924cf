import { GAME_NAMES, OPENED_FOR_ALL } from '#core/games'
import { Select } from '../../../../parts/form/inputs.tsx'
import type { FieldsOf } from '../fieldsOf.ts'
import { Row } from '../Row.tsx'
import type { StepForm } from '../stepForm.ts'

const ROUND_HOWS = [
  { value: 'open', name: 'open, if none is on:' },
  { value: 'callOff', name: 'call off and refund all stakes:' },
] as const
const ROUNDS = OPENED_FOR_ALL.map((value) => ({ value, name: GAME_NAMES[value] }))

const GameFields = ({ step, setStep }: FieldsOf<'round'>) => (
  <Row>
    <Select label="What to do" value={step.how} choices={ROUND_HOWS} onChoose={(how) => setStep({ ...step, how })} />
    <Select label="Game" value={step.game} choices={ROUNDS} onChoose={(game) => setStep({ ...step, game })} />
  </Row>
)

export const roundForm: StepForm<'round'> = {
  name: 'Open a game or call it off',
  fresh: () => ({ do: 'round', how: 'open', game: 'heist' }),
  Fields: GameFields,
}
