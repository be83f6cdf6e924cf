import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { BetTerms } from '#core/bets'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { Checkbox, NumberInput, Select } from '../../parts/form/inputs.tsx'
import { commandsQuery } from '../commands/view.ts'
import { WhoFields } from '../commands/WhoFields.tsx'
import { DecimalInput } from '../games/DecimalInput.tsx'
import { FIGURES, FigureRow } from '../games/FigureRows.tsx'
import { useMay } from '../rights.tsx'
import { useStatus } from '../status.ts'
import type { BetsView } from './view.ts'

interface TermsProps {
  readonly terms: BetTerms
  readonly put: (patch: Partial<BetTerms>) => void
  readonly view: BetsView
}

/** On what terms people bet: stakes, what the house keeps, which bets go back, who may, and what is told. */
export function TermsFields(props: TermsProps) {
  const { terms, put } = props
  return (
    <div className="flex flex-col gap-5">
      <StakeRows {...props} />
      <div className="flex flex-col gap-2">
        <Checkbox on={terms.several} onTick={(several) => put({ several })}>
          One person may bet on several outcomes
        </Checkbox>
        <Checkbox on={terms.takeBack} onTick={(takeBack) => put({ takeBack })}>
          Bets can be taken back until the lock
        </Checkbox>
        <Checkbox on={terms.onAir} onTick={(onAir) => put({ onAir })}>
          On air only: it locks when the show ends
        </Checkbox>
      </div>
      <TimeRows {...props} />
      <Announced {...props} />
      <WhoMay {...props} />
    </div>
  )
}

function StakeRows({ terms, put }: TermsProps) {
  const { currency } = useStatus()
  const set = (patch: Partial<BetTerms['stakes']>) => put({ stakes: { ...terms.stakes, ...patch } })
  const { smallest, largest, share } = terms.stakes
  return (
    <FaultsAt name="stakes">
      <div className={FIGURES}>
        <FigureRow
          label="Smallest stake"
          value={smallest}
          unit={currency.many}
          least={1}
          onValue={(typed) => set({ smallest: typed })}
        />
        <FigureRow
          label="Most from one person"
          value={largest}
          unit={currency.many}
          none="–"
          onValue={(typed) => set({ largest: typed })}
        />
        <FigureRow
          label="Largest share of a balance"
          value={share}
          unit="%"
          least={1}
          most={100}
          onValue={(typed) => set({ share: typed })}
        />
        <RakeRow terms={terms} put={put} />
      </div>
    </FaultsAt>
  )
}

const RakeRow = ({ terms, put }: Pick<TermsProps, 'terms' | 'put'>) => (
  <>
    <span>The house keeps of the losing stakes</span>
    <DecimalInput
      label="The house keeps of the losing stakes"
      value={terms.rakeBp}
      per={100}
      most={5000}
      className="w-24"
      onValue={(rakeBp) => put({ rakeBp })}
    />
    <span className="text-muted">%</span>
  </>
)

function TimeRows({ terms, put }: TermsProps) {
  return (
    <div className={FIGURES}>
      <FigureRow
        label="Bets of the last … before the lock go back"
        value={terms.lateSeconds}
        unit="seconds"
        none="none do"
        most={600}
        onValue={(lateSeconds) => put({ lateSeconds })}
      />
      <FigureRow
        label="From the winner to the payment"
        value={terms.pauseSeconds}
        unit="seconds to change it"
        none="at once"
        most={600}
        onValue={(pauseSeconds) => put({ pauseSeconds })}
      />
      <p className="col-span-3 text-muted">
        Viewers see the picture some seconds late, and you know first. Which bets go back can still be changed when you
        pick the winner; viewers are told the usual.
      </p>
    </div>
  )
}

function Announced({ terms: { announce }, put, view }: TermsProps) {
  const set = (patch: Partial<BetTerms['announce']>) => put({ announce: { ...announce, ...patch } })
  const alert = (label: string, value: number | null, choose: (id: number | null) => void) => (
    <p className="flex flex-wrap items-center gap-2">
      <span className="min-w-40">{label}</span>
      <Select
        label={label}
        value={String(value ?? '')}
        choices={[{ value: '', name: 'no alert' }, ...view.alerts.map(({ id, name }) => ({ value: String(id), name }))]}
        onChoose={(id) => choose(id === '' ? null : Number(id))}
      />
    </p>
  )
  return (
    <FaultsAt name="announce">
      <fieldset className="flex flex-col gap-2">
        <legend className="mb-1 font-semibold">What is told</legend>
        <p className="flex flex-wrap items-center gap-2">
          Chat is told
          <NumberInput
            label="Chat is told so many seconds before the lock"
            value={announce.soonSeconds}
            none="–"
            most={600}
            className="w-20"
            onValue={(soonSeconds) => set({ soonSeconds })}
          />
          seconds before the lock
        </p>
        {alert('When it opens', announce.opened, (opened) => set({ opened }))}
        {alert('When there is a winner', announce.settled, (settled) => set({ settled }))}
      </fieldset>
    </FaultsAt>
  )
}

function WhoMay({ terms, put }: TermsProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  const mayDo = useMay()
  const commands = useQuery({ ...commandsQuery, enabled: mayDo('commands', 'look') }).data
  if (commands === undefined) return null
  return (
    <FaultsAt name="who">
      <WhoFields
        who={terms.who}
        view={commands}
        setWho={(who) => put({ who })}
        named={named}
        setNamed={setNamed}
        may="may bet"
      />
    </FaultsAt>
  )
}
