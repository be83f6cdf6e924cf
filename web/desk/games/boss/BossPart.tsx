import { type SettingsOf, winChance } from '#core/games'
import { fieldOf } from '../../../parts/form/DraftField.tsx'
import { TextInput } from '../../../parts/form/inputs.tsx'
import { PictureField } from '../../library/RefFields.tsx'
import { DecimalRow, FIGURES, FigureRow } from '../FigureRows.tsx'
import { CROWD_BOUNDS, crowdWords, GatheringFields } from '../GatheringFields.tsx'
import { WordFields } from '../WordFields.tsx'

type Boss = SettingsOf['boss']

const WORDS = crowdWords('blows')
const BossField = fieldOf<Boss>()

interface PartProps {
  readonly draft: Boss
  readonly put: (patch: never) => void
}

interface FieldsProps {
  readonly draft: Boss
  readonly set: (patch: Partial<Boss>) => void
}

/** How a fight goes: who is fought, and how people gather for it. */
export function BossPart({ draft, put }: PartProps) {
  const set = put as FieldsProps['set']
  return (
    <div className="flex flex-col gap-5">
      <div className="grid gap-4 sm:grid-cols-2">
        <BossField name="name" label="Who is fought">
          {(own) => <TextInput most={40} {...own} />}
        </BossField>
        <WordFields label="Command and aliases" word={draft.word} setWord={(word) => set({ word })} />
      </div>
      <GatheringFields draft={draft} set={set} words={WORDS} bounds={CROWD_BOUNDS} />
      <PictureField label="Picture" value={draft.picture} onValue={(picture) => set({ picture })} />
    </div>
  )
}

/** A chance in per cent, kept in parts per million. */
const PERCENT = { per: 10_000, least: 1, most: 1_000_000 } as const

const EXAMPLE = 10

/** How strong the boss is, what beating it pays, and what that makes of the chance to win. */
export function StrengthFields({ draft, set }: FieldsProps) {
  const { blows, needPpm } = draft
  const needed = Math.ceil((EXAMPLE * blows * needPpm) / 1_000_000)
  return (
    <div className="flex flex-col gap-3">
      <div className={FIGURES}>
        <HitFields draft={draft} set={set} />
        <PayFields draft={draft} set={set} />
      </div>
      <p className="rounded-md bg-surface px-3 py-2" aria-live="polite">
        Ten people strike {EXAMPLE * blows} times and must hit {needed} times. They win{' '}
        <strong className="tabular">{(winChance(draft, EXAMPLE) * 100).toFixed(1)} %</strong> of the time.
      </p>
    </div>
  )
}

const HitFields = ({ draft, set }: FieldsProps) => (
  <>
    <DecimalRow
      {...PERCENT}
      label="Chance of a blow to hit"
      value={draft.ownPpm}
      unit="% for one who comes alone"
      onValue={(ownPpm) => set({ ownPpm })}
    />
    <DecimalRow
      {...PERCENT}
      label="More per other fighter"
      value={draft.bonusPpm}
      unit="percentage points"
      least={0}
      most={100_000}
      onValue={(bonusPpm) => set({ bonusPpm })}
    />
    <DecimalRow {...PERCENT} label="But at most" value={draft.capPpm} unit="%" onValue={(capPpm) => set({ capPpm })} />
    <FigureRow
      label="Everybody strikes"
      value={draft.blows}
      unit="times"
      most={20}
      least={1}
      onValue={(blows) => set({ blows })}
    />
    <DecimalRow
      {...PERCENT}
      label="Hits it takes"
      value={draft.needPpm}
      unit="% of all blows"
      onValue={(needPpm) => set({ needPpm })}
    />
  </>
)

const PayFields = ({ draft, set }: FieldsProps) => (
  <>
    <DecimalRow
      label="Beating it pays"
      value={draft.multiplier}
      unit="times the stake"
      per={100}
      least={100}
      most={100_000}
      onValue={(multiplier) => set({ multiplier })}
    />
    <FigureRow
      label="The last blow gets"
      value={draft.lastBlowBonus}
      unit="more, from the house"
      none="nothing"
      onValue={(lastBlowBonus) => set({ lastBlowBonus })}
    />
  </>
)
