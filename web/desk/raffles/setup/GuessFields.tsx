import { NEAREST_GUESS, type RaffleSettings } from '#core/raffles'
import { NumberInput, Select } from '../../../parts/form/inputs.tsx'
import type { PartProps } from './part.ts'

const WINS = [
  { value: '', name: 'whoever is drawn' },
  { value: 'drawn', name: 'the nearest guess, the number is drawn' },
  { value: 'set', name: 'the nearest guess, we know the number' },
] as const

/** Who wins: whoever is drawn, or whoever guesses a number best. */
export function GuessFields({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  const { guess } = draft
  const choose = (value: '' | 'drawn' | 'set') =>
    put(
      value === ''
        ? { guess: null }
        : {
            guess: { ...(guess ?? NEAREST_GUESS.guess), answer: value },
            mostTickets: 1,
            weights: [],
          },
    )
  return (
    <div className="flex flex-col gap-2">
      <p className="flex flex-wrap items-center gap-2">
        The winner is
        <Select label="Who wins" value={guess?.answer ?? ''} choices={WINS} onChoose={choose} />
      </p>
      {guess !== null && <Bounds guess={guess} put={put} />}
      {guess?.answer === 'set' && (
        <p className="text-muted">
          You type the number when you start it. It is sealed, and nobody sees it before the end.
        </p>
      )}
    </div>
  )
}

interface BoundsProps extends Pick<PartProps, 'put'> {
  readonly guess: NonNullable<RaffleSettings['guess']>
}

/** Within what is guessed. */
const Bounds = ({ guess, put }: BoundsProps) => (
  <p className="flex flex-wrap items-center gap-2">
    Guesses are whole numbers from
    <NumberInput
      label="The smallest number"
      value={guess.least}
      className="w-28"
      onValue={(least) => put({ guess: { ...guess, least } })}
    />
    to
    <NumberInput
      label="The largest number"
      value={guess.most}
      className="w-28"
      onValue={(most) => put({ guess: { ...guess, most } })}
    />
  </p>
)
