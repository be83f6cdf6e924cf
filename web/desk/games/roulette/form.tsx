import { Select } from '../../../parts/form/inputs.tsx'
import { FIGURES, FigureRow } from '../FigureRows.tsx'
import type { GameForm, GamePartProps, WayProps } from '../form.ts'
import { WordPart } from '../WordPart.tsx'

/** The wheel's word and times, and the most that the house pays. */
const RoulettePart = (props: GamePartProps<'roulette'>) => (
  <div className="flex flex-col gap-5">
    <WordPart {...props} />
    <RouletteFields {...props} />
  </div>
)

function RouletteFields({ draft, put }: GamePartProps<'roulette'>) {
  return (
    <div className={FIGURES}>
      <FigureRow
        label="Bets are taken for"
        value={draft.betSeconds}
        unit="seconds"
        most={600}
        none="no time"
        onValue={(betSeconds) => put({ betSeconds })}
      />
      <FigureRow
        label="The wheel turns for"
        value={draft.suspenseSeconds}
        unit="seconds"
        most={30}
        none="no time"
        onValue={(suspenseSeconds) => put({ suspenseSeconds })}
      />
      <FigureRow
        label="The most the house pays in one spin"
        value={draft.houseLimit}
        unit="in all"
        least={1}
        onValue={(houseLimit) => put({ houseLimit })}
      />
      <p className="col-span-3 text-muted">
        {draft.betSeconds === 0 ? 'Every line is a spin of its own.' : 'All bets of that time are on one spin.'} Every
        bet on the wheel pays back 36/37 of the stakes on average, which is 97.3 %.
      </p>
    </div>
  )
}

const ON = {
  red: { on: 'red' },
  dozen: { on: 'dozen', which: 1 },
  number: { on: 'number', number: 17 },
} as const

const WAYS = [
  { value: 'red', name: 'red' },
  { value: 'dozen', name: 'a dozen' },
  { value: 'number', name: 'one number' },
] as const

const WheelWay = ({ way, setWay }: WayProps<'roulette'>) => (
  <>
    on
    <Select
      label="What they bet on"
      value={way.on.on === 'number' ? 'number' : way.on.on === 'dozen' ? 'dozen' : 'red'}
      choices={WAYS}
      onChoose={(on) => setWay({ ...way, on: ON[on] })}
    />
  </>
)

export const rouletteForm: GameForm<'roulette'> = {
  parts: [{ name: 'How it goes', Part: RoulettePart }],
  Way: WheelWay,
}
