import { type FormEvent, useState } from 'react'
import { EVERYONE_MAY } from '#core/access'
import { inWords } from '#core/currency'
import { firstFault } from '#core/faults'
import { CupRules } from '#core/games'
import { api } from '../../../parts/api.ts'
import { Button } from '../../../parts/Button.tsx'
import { Problem } from '../../../parts/feedback/Notice.tsx'
import { Wrong } from '../../../parts/feedback/Wrong.tsx'
import { FaultsAt, fieldOf } from '../../../parts/form/DraftField.tsx'
import { DraftFields } from '../../../parts/form/DraftFields.tsx'
import { useDraft } from '../../../parts/form/drafts.tsx'
import { faultsIn } from '../../../parts/form/faultsIn.ts'
import { Checkbox, Select, TextInput } from '../../../parts/form/inputs.tsx'
import type { CommandsView } from '../../commands/view.ts'
import { WhoFields } from '../../commands/WhoFields.tsx'
import { FIGURES, FigureRow } from '../FigureRows.tsx'
import { useGameAction } from '../useGameAction.ts'
import type { DeskGames } from '../view.ts'

const FIRST: CupRules = {
  name: 'The cup',
  places: 16,
  kept: { places: 0, who: { ...EVERYONE_MAY, everyone: false, standings: ['follower'] }, before: true },
  stake: 0,
  prize: 500,
  second: 0,
  bestOf: 1,
  signUpSeconds: 300,
  matchSeconds: 60,
}

/** Opening a cup: its places, who has some of them kept, the entry, the prize and the times. */
export function CupForm({ view, commands }: { view: DeskGames; commands: CommandsView }) {
  const kept = useDraft('cup/new', FIRST)
  const { draft: rules, put: setRules, discard, changed } = kept
  const action = useGameAction({ inPlace: true })
  const put = (patch: Partial<CupRules>) => setRules({ ...rules, ...patch })
  const faults = faultsIn(CupRules, rules, faultsOf(rules))
  const fault = firstFault(faults)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    action.mutate(
      { send: () => api.POST('/desk/cups', { body: rules }), said: 'The sign-up is open.' },
      { onSuccess: discard },
    )
  }
  return (
    <form onSubmit={submit} className="flex max-w-2xl flex-col gap-5">
      <DraftFields kept={kept} faults={faults} error={action.error}>
        <CupName />
        <FaultsAt name="places">
          <FaultsAt name="kept">
            <CupFigures rules={rules} put={put} unit={view.currency.many} />
          </FaultsAt>
        </FaultsAt>
      </DraftFields>
      {rules.kept.places > 0 && <KeptFor rules={rules} put={put} commands={commands} />}
      <p className="rounded-md bg-panel px-4 py-3" aria-live="polite">
        {readBack(rules, view)}
      </p>
      {action.error && <Problem error={action.error} />}
      <div className="flex items-center gap-3">
        <Button needs="act" type="submit" look="main" disabled={fault !== undefined || action.isPending}>
          Open the sign-up
        </Button>
        {changed && <Button onClick={discard}>Discard changes</Button>}
        <Wrong>{fault}</Wrong>
      </div>
    </form>
  )
}

const CupField = fieldOf<CupRules>()

const CupName = () => (
  <CupField name="name" label="Name">
    {(own) => <TextInput required most={40} className="w-64" {...own} />}
  </CupField>
)

const faultsOf = ({ name, places, kept }: CupRules) => ({
  name: name.trim() === '' ? 'Type a name.' : undefined,
  places: places < 4 || places > 64 ? '4 to 64 places.' : undefined,
  kept: kept.places > places ? 'More places are reserved than there are.' : undefined,
})

interface KeptForProps extends Pick<CupFiguresProps, 'rules' | 'put'> {
  readonly commands: CommandsView
}

/** Who gets the places that are reserved. */
function KeptFor({ rules: { kept }, put, commands }: KeptForProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  return (
    <div className="flex flex-col gap-3 rounded-md border border-line px-4 py-3">
      <WhoFields
        who={kept.who}
        view={commands}
        setWho={(who) => put({ kept: { ...kept, who } })}
        named={named}
        setNamed={setNamed}
        may="get reserved places"
      />
      <Checkbox on={kept.before} onTick={(before) => put({ kept: { ...kept, before } })}>
        Only those who followed before this show
      </Checkbox>
    </div>
  )
}

interface CupFiguresProps {
  readonly rules: CupRules
  readonly put: (patch: Partial<CupRules>) => void
  readonly unit: string
}

function CupFigures(props: CupFiguresProps) {
  return (
    <div className={FIGURES}>
      <PlacesRows {...props} />
      <PrizeRows {...props} />
      <TimeRows {...props} />
    </div>
  )
}

function PlacesRows({ rules, put }: CupFiguresProps) {
  return (
    <>
      <FigureRow label="Places" value={rules.places} unit="4 to 64" most={64} onValue={(places) => put({ places })} />
      <FigureRow
        label="Reserved until the sign-up ends"
        value={rules.kept.places}
        unit="of these"
        most={64}
        none="none"
        onValue={(places) => put({ kept: { ...rules.kept, places } })}
      />
    </>
  )
}

function PrizeRows({ rules, put, unit }: CupFiguresProps) {
  return (
    <>
      <FigureRow
        label="Entry"
        value={rules.stake}
        unit={`${unit}, into the pot`}
        none="free"
        onValue={(stake) => put({ stake })}
      />
      <FigureRow
        label="The house adds"
        value={rules.prize}
        unit={unit}
        none="nothing"
        onValue={(prize) => put({ prize })}
      />
      <FigureRow
        label="The runner-up gets, of the prize"
        value={rules.second}
        unit="%"
        most={50}
        none="nothing"
        onValue={(second) => put({ second })}
      />
    </>
  )
}

const BEST_OF = [
  { value: '1', name: 'one game' },
  { value: '3', name: 'best of three' },
] as const

function TimeRows({ rules, put }: CupFiguresProps) {
  return (
    <>
      <FigureRow
        label="The sign-up is open for"
        value={Math.round(rules.signUpSeconds / 60)}
        unit="minutes"
        most={1440}
        least={1}
        onValue={(n) => put({ signUpSeconds: n * 60 })}
      />
      <FigureRow
        label="Time to show up for a match"
        value={rules.matchSeconds}
        unit="seconds, or the opponent advances"
        most={600}
        least={10}
        onValue={(matchSeconds) => put({ matchSeconds })}
      />
      <span>A match is</span>
      <Select
        label="A match is"
        value={rules.bestOf === 3 ? '3' : '1'}
        choices={BEST_OF}
        onChoose={(one) => put({ bestOf: one === '3' ? 3 : 1 })}
      />
      <span />
    </>
  )
}

function readBack(rules: CupRules, { currency, settings }: DeskGames): string {
  const open = rules.places - rules.kept.places
  const entry = rules.stake === 0 ? 'for free' : `for ${inWords(rules.stake, currency)}`
  const most = rules.prize + rules.stake * rules.places
  const prize =
    most === 0 ? 'There is nothing to win but the honour.' : `Full, the prize is ${inWords(most, currency)}.`
  return `Anybody signs up with !${settings.cup.word.word} ${entry}, ${open} of ${rules.places} places are open to all. ${prize} Matches are answered with !${settings.duel.take.word}.`
}
