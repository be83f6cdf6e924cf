import type { Game, SettingsOf } from '#core/games'
import { NumberInput } from '../../parts/form/inputs.tsx'
import { DecimalInput } from './DecimalInput.tsx'
import { WordFields } from './WordFields.tsx'

interface PlayPartProps {
  readonly game: Game
  readonly draft: SettingsOf[Game]
  readonly put: (patch: never) => void
}

interface RowProps {
  readonly label: string
  readonly value: number
  readonly unit: string
  readonly most?: number
  readonly least?: number
  readonly none?: string
  readonly onValue: (value: number) => void
}

/** A figure with what it is of. */
export function FigureRow({ label, value, unit, most, least = 0, none, onValue }: RowProps) {
  return (
    <>
      <span>{label}</span>
      <NumberInput
        label={label}
        value={value}
        onValue={(n) => onValue(Math.max(least, n))}
        {...(most !== undefined && { most })}
        {...(none !== undefined && { none })}
      />
      <span className="text-muted">{unit}</span>
    </>
  )
}

interface DecimalRowProps extends Pick<RowProps, 'label' | 'value' | 'unit' | 'onValue'> {
  /** A whole number, of which so many are one of what is shown. */
  readonly per: 100 | 10_000
  readonly least?: number
  readonly most: number
}

/** A figure with decimals, with what it is of. */
export const DecimalRow = ({ label, unit, ...input }: DecimalRowProps) => (
  <>
    <span>{label}</span>
    <DecimalInput label={label} className="w-24" {...input} />
    <span className="text-muted">{unit}</span>
  </>
)

export const FIGURES = 'grid max-w-xl cols-figures items-center gap-x-3 gap-y-2'

/** How a game is played: its words and its times. */
export function PlayPart({ game, draft, put }: PlayPartProps) {
  const set = put as (patch: object) => void
  return (
    <div className="flex flex-col gap-5">
      <WordFields label="Command and aliases" word={draft.word} setWord={(word) => set({ word })} />
      {game === 'duel' && <DuelFields draft={draft as SettingsOf['duel']} set={set} />}
      {game === 'roulette' && <RouletteFields draft={draft as SettingsOf['roulette']} set={set} />}
      {game === 'coin' && (
        <div className={FIGURES}>
          <DecimalRow
            label="The right side pays"
            value={(draft as SettingsOf['coin']).multiplier}
            unit="times the stake"
            per={100}
            least={1}
            most={10_000}
            onValue={(multiplier) => set({ multiplier })}
          />
        </div>
      )}
      {game === 'cup' && (
        <p className="text-muted">
          A cup is opened on its own page, with its places, entry and prize. Players answer its matches with the duel’s
          command to accept.
        </p>
      )}
    </div>
  )
}

function DuelFields({ draft, set }: { draft: SettingsOf['duel']; set: (patch: object) => void }) {
  return (
    <>
      <div className="flex flex-wrap gap-4">
        <WordFields label="To accept" word={draft.take} setWord={(take) => set({ take })} />
        <WordFields label="To decline" word={draft.pass} setWord={(pass) => set({ pass })} />
        <WordFields label="To withdraw a challenge" word={draft.withdraw} setWord={(withdraw) => set({ withdraw })} />
      </div>
      <div className={FIGURES}>
        <FigureRow
          label="Time to answer"
          value={draft.answerSeconds}
          unit="seconds"
          most={3600}
          least={10}
          onValue={(answerSeconds) => set({ answerSeconds })}
        />
        <FigureRow
          label="From acceptance to outcome"
          value={draft.suspenseSeconds}
          unit="seconds"
          most={30}
          none="at once"
          onValue={(suspenseSeconds) => set({ suspenseSeconds })}
        />
        <DecimalRow
          label="The house keeps of the pot"
          value={draft.rakeBp}
          unit="%"
          per={100}
          most={5000}
          onValue={(rakeBp) => set({ rakeBp })}
        />
      </div>
    </>
  )
}

function RouletteFields({ draft, set }: { draft: SettingsOf['roulette']; set: (patch: object) => void }) {
  return (
    <div className={FIGURES}>
      <FigureRow
        label="Bets are taken for"
        value={draft.betSeconds}
        unit="seconds"
        most={600}
        none="no time"
        onValue={(betSeconds) => set({ betSeconds })}
      />
      <FigureRow
        label="The wheel turns for"
        value={draft.suspenseSeconds}
        unit="seconds"
        most={30}
        none="no time"
        onValue={(suspenseSeconds) => set({ suspenseSeconds })}
      />
      <FigureRow
        label="The most the house pays in one spin"
        value={draft.houseLimit}
        unit="in all"
        least={1}
        onValue={(houseLimit) => set({ houseLimit })}
      />
      <p className="col-span-3 text-muted">
        {draft.betSeconds === 0 ? 'Every line is a spin of its own.' : 'All bets of that time are on one spin.'} Every
        bet on the wheel pays back 36/37 of the stakes on average, which is 97.3 %.
      </p>
    </div>
  )
}
