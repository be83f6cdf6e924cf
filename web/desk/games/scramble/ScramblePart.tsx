import { digits } from '#core/currency'
import { placesPaid, type SettingsOf, scramblePrize } from '#core/games'
import { Button } from '../../../parts/Button.tsx'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { DecimalInput } from '../DecimalInput.tsx'
import { DecimalRow, FIGURES, FigureRow } from '../FigureRows.tsx'
import { CROWD_BOUNDS, crowdWords, GatheringFields } from '../GatheringFields.tsx'
import type { DeskGames } from '../view.ts'
import { WordFields } from '../WordFields.tsx'

type Scramble = SettingsOf['scramble']

interface ScramblePartProps {
  readonly draft: Scramble
  readonly put: (patch: never) => void
  readonly view: DeskGames
}

interface FieldsProps {
  readonly draft: Scramble
  readonly set: (patch: Partial<Scramble>) => void
}

const WORDS = crowdWords('waves')
const MOST_PLACES = 20

/** How a scramble goes: what everybody puts in, what there is to win, and which places are paid. */
export function ScramblePart({ draft, put, view }: ScramblePartProps) {
  const set = put as FieldsProps['set']
  return (
    <div className="flex flex-col gap-5">
      <WordFields label="Command and aliases" word={draft.word} setWord={(word) => set({ word })} />
      <Prize draft={draft} set={set} many={view.currency.many} />
      <Places draft={draft} set={set} />
      <GatheringFields draft={draft} set={set} words={WORDS} bounds={CROWD_BOUNDS} />
    </div>
  )
}

const Prize = ({ draft, set, many }: FieldsProps & { readonly many: string }) => (
  <FaultsAt name="adds">
    <div className={FIGURES}>
      <FigureRow
        label="Everybody puts in"
        value={draft.stake}
        unit={many}
        none="nothing"
        onValue={(stake) => set({ stake })}
      />
      <FigureRow
        label="The house adds"
        value={draft.adds}
        unit={`${many} to the prize`}
        none="nothing"
        onValue={(adds) => set({ adds })}
      />
      <DecimalRow
        label="The house keeps of the stakes"
        value={draft.rakeBp}
        unit="%"
        per={100}
        most={5000}
        onValue={(rakeBp) => set({ rakeBp })}
      />
    </div>
  </FaultsAt>
)

const TEN = 10

/** Which places are paid, each its share of the prize, and what that is with ten people. */
function Places({ draft, set }: FieldsProps) {
  const { sharesPpm, stake, adds, rakeBp } = draft
  const { prize } = scramblePrize(stake * TEN, rakeBp, adds)
  const paid = placesPaid(prize, sharesPpm, TEN)
  const put = (i: number, share: number) => set({ sharesPpm: sharesPpm.map((one, k) => (k === i ? share : one)) })
  return (
    <FaultsAt name="sharesPpm">
      <h3 className="font-semibold">Places</h3>
      <ol aria-label="Places" className="flex flex-col gap-2">
        {sharesPpm.map((share, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a place is its number
          <li key={i} className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <Share place={i + 1} share={share} paid={paid[i]} onShare={(typed) => put(i, typed)} />
            {i > 0 && i === sharesPpm.length - 1 && (
              <Button
                look="quiet"
                aria-label={`Remove place ${i + 1}`}
                onClick={() => set({ sharesPpm: sharesPpm.slice(0, -1) })}
              >
                ×
              </Button>
            )}
          </li>
        ))}
      </ol>
      <p className="text-note text-muted">What the shares leave over goes to the first.</p>
      {sharesPpm.length < MOST_PLACES && (
        <p>
          <Button onClick={() => set({ sharesPpm: [...sharesPpm, 10_000] })}>Add a place</Button>
        </p>
      )}
    </FaultsAt>
  )
}

interface ShareProps {
  readonly place: number
  readonly share: number
  /** With ten people; undefined: there are more places than that. */
  readonly paid: number | undefined
  readonly onShare: (share: number) => void
}

const Share = ({ place, share, paid, onShare }: ShareProps) => (
  <>
    <span className="w-16">Place {place}</span>
    <DecimalInput
      label={`Share of place ${place}`}
      value={share}
      per={10_000}
      least={1}
      most={1_000_000}
      onValue={onShare}
    />
    <span className="text-muted">% of the prize{paid !== undefined && `: ${digits(paid)} with ten people`}</span>
  </>
)
