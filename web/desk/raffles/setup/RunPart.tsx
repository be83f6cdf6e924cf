import { useState } from 'react'
import { FaultsAt } from '../../../parts/form/DraftField.tsx'
import { Select, TextInput } from '../../../parts/form/inputs.tsx'
import { WhoFields } from '../../commands/WhoFields.tsx'
import { FIGURES, FigureRow } from '../../games/FigureRows.tsx'
import { SoundField } from '../../library/RefFields.tsx'
import type { PartProps } from './part.ts'

/** What happens while it is open: reminders, the alert and the sound of an entry. */
export function OpenPart({ draft, put, form }: PartProps) {
  return (
    <div className="flex flex-col gap-3">
      <FaultsAt name="remind">
        <WhenTold draft={draft} put={put} />
      </FaultsAt>
      <FaultsAt name="entryAlert">
        <EntryShows draft={draft} put={put} form={form} />
      </FaultsAt>
      <p className="text-muted">If many enter within five seconds, one alert is shown, with their number.</p>
    </div>
  )
}

function WhenTold({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  const { remind } = draft
  return (
    <div className={FIGURES}>
      <FigureRow
        label="Chat is reminded every"
        value={remind.everyMinutes}
        unit="minutes"
        none="–"
        most={1440}
        onValue={(everyMinutes) => put({ remind: { ...remind, everyMinutes } })}
      />
      <BeforeRow
        minutes={remind.beforeMinutes}
        set={(beforeMinutes) => put({ remind: { ...remind, beforeMinutes } })}
      />
      <FigureRow
        label="“Closing soon”, for triggers, is at"
        value={draft.soonSeconds}
        unit="seconds left"
        none="–"
        most={3600}
        onValue={(soonSeconds) => put({ soonSeconds })}
      />
    </div>
  )
}

interface BeforeProps {
  readonly minutes: readonly number[]
  readonly set: (minutes: number[]) => void
}

/** Minutes before it closes, as they are typed: "30, 5, 1". */
function BeforeRow({ minutes, set }: BeforeProps) {
  const [typed, setTyped] = useState<string>()
  const type = (text: string) => {
    setTyped(text)
    const read = text
      .split(/\D+/)
      .map(Number)
      .filter((n) => n >= 1 && n <= 1440)
    set([...new Set(read)].slice(0, 5))
  }
  return (
    <>
      <span>And before it closes, at</span>
      <TextInput
        aria-label="Reminders before it closes, in minutes"
        value={typed ?? minutes.join(', ')}
        most={40}
        placeholder="–"
        onValue={type}
        onBlur={() => setTyped(undefined)}
        className="tabular w-24 text-right"
      />
      <span className="text-muted">minutes left</span>
    </>
  )
}

function EntryShows({ draft, put, form }: Pick<PartProps, 'draft' | 'put' | 'form'>) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span>Each entry shows</span>
      <Select
        label="Alert of an entry"
        value={String(draft.entryAlert ?? '')}
        choices={[{ value: '', name: 'no alert' }, ...form.alerts.map(({ id, name }) => ({ value: String(id), name }))]}
        onChoose={(alert) => put({ entryAlert: alert === '' ? null : Number(alert) })}
      />
      <span>and sounds</span>
      <SoundField sound={draft.entrySound} onSound={(entrySound) => put({ entrySound })} />
    </div>
  )
}

const DRAWS = [
  { value: 'one', name: 'one after the other, a press each' },
  { value: 'all', name: 'all at once' },
] as const
const AGAIN = [
  { value: 'hand', name: 'you draw again yourself' },
  { value: 'itself', name: 'another is drawn automatically' },
] as const

/** The draw, the claim, and who may run it in chat. */
export function DrawPart({ draft, put, commands }: PartProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  const { word } = draft.word
  return (
    <div className="flex flex-col gap-3">
      {draft.winners > 1 && (
        <p className="flex flex-wrap items-center gap-2">
          Winners are drawn
          <Select label="How winners are drawn" value={draft.draw} choices={DRAWS} onChoose={(draw) => put({ draw })} />
        </p>
      )}
      <ClaimFields draft={draft} put={put} />
      <WhoFields
        who={draft.run}
        view={commands}
        setWho={(run) => put({ run })}
        named={named}
        setNamed={setNamed}
        may="may run it in chat"
      />
      <p className="text-muted">
        They type <code>!{word} close</code>, <code>!{word} draw</code>, <code>!{word} off</code> or{' '}
        <code>!{word} finish</code>.
      </p>
    </div>
  )
}

function ClaimFields({ draft, put }: Pick<PartProps, 'draft' | 'put'>) {
  return (
    <>
      <div className={FIGURES}>
        <FigureRow
          label="The marker runs for"
          value={draft.suspenseSeconds}
          unit="seconds"
          none="–"
          most={30}
          onValue={(suspenseSeconds) => put({ suspenseSeconds })}
        />
        <FigureRow
          label="The winner must reply within"
          value={draft.claimSeconds}
          unit="seconds"
          none="–"
          most={86_400}
          onValue={(claimSeconds) => put({ claimSeconds })}
        />
      </div>
      {draft.claimSeconds === 0 ? (
        <p className="text-muted">The winner need not be there.</p>
      ) : (
        <p className="flex flex-wrap items-center gap-2">
          If they do not,
          <Select
            label="If they do not reply"
            value={draft.redraw}
            choices={AGAIN}
            onChoose={(redraw) => put({ redraw })}
          />
        </p>
      )}
    </>
  )
}
