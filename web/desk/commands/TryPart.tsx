import { useState } from 'react'
import type { RewardSettings } from '#core/store'
import { figuresOf, hasViewer, type TriggerSettings } from '#core/triggers'
import { type CommandSettings, usageLine } from '#core/words'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Checkbox, INPUT, Select, TextInput } from '../../parts/form/inputs.tsx'
import { useChange } from '../../parts/useChange.ts'
import { FindPerson } from '../people/FindPerson.tsx'
import { TriedReport } from './TriedReport.tsx'
import type { CommandsView } from './view.ts'

const MADE_UP = [
  { value: 'newcomer', name: 'a made-up newcomer' },
  { value: 'follower', name: 'a made-up follower' },
  { value: 'subscriber', name: 'a made-up subscriber' },
  { value: 'moderator', name: 'a made-up moderator' },
  { value: 'known', name: 'somebody known …' },
] as const

interface TryPartProps {
  readonly what:
    | { readonly kind: 'command'; readonly id: number | null; readonly settings: CommandSettings }
    | { readonly kind: 'trigger'; readonly id: number | null; readonly settings: TriggerSettings }
    | { readonly kind: 'reward'; readonly id: number | null; readonly settings: RewardSettings }
  readonly wrong: string | undefined
  readonly unsaved: boolean
  readonly view: CommandsView
}

interface Person {
  readonly id: number
  readonly name: string
}

const AsOnAir = ({ air, setAir }: { readonly air: boolean; readonly setAir: (air: boolean) => void }) => (
  <Checkbox on={air} onTick={setAir}>
    As if the show were on air
  </Checkbox>
)

/** Tries it as it stands in the form, on a copy of the channel; and, once it is live, runs it for real. */
export function TryPart({ what, wrong, unsaved, view }: TryPartProps) {
  const [as, setAs] = useState<MadeUp>('follower')
  const [person, setPerson] = useState<Person>()
  const [typed, setTyped] = useState('')
  const [figures, setFigures] = useState<Figures>({})
  const [air, setAir] = useState(false)
  const nobody = what.kind === 'trigger' && !hasViewer(what.settings.source.of)
  const who = as === 'known' ? person && { viewer: person.id } : { madeUp: as }
  const tryIt = useTry({ what, typed, figures, air })
  const known = as === 'known' ? person : undefined
  return (
    <div className="flex flex-col gap-4">
      {!nobody && <As as={as} setAs={setAs} person={person} setPerson={setPerson} />}
      {what.kind === 'trigger' ? (
        <FigureFields what={what.settings} figures={figures} setFigures={setFigures} />
      ) : (
        <Typed what={what} typed={typed} setTyped={setTyped} />
      )}
      {!view.standing.onAir && <AsOnAir air={air} setAir={setAir} />}
      <div className="flex flex-wrap items-center gap-2">
        <Button
          look="main"
          disabled={wrong !== undefined || tryIt.isPending || (who === undefined && !nobody)}
          onClick={() => tryIt.mutate(who ?? { madeUp: 'follower' })}
        >
          Try it (changes nothing)
        </Button>
        {what.kind === 'reward' ? (
          <span className="text-muted">To run it for real, buy it in chat or on the viewer page.</span>
        ) : (
          <RunForReal {...{ what, unsaved, nobody, known, typed, figures }} />
        )}
      </div>
      {wrong !== undefined && <p className="text-muted">Before it can be tried, fix this: {wrong}</p>}
      {tryIt.error && <Problem error={tryIt.error} />}
      {tryIt.data && <TriedReport tried={tryIt.data} />}
    </div>
  )
}

type MadeUp = (typeof MADE_UP)[number]['value']
type Figures = Readonly<Record<string, string>>

const givenOf = (figures: Figures) => Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== ''))

interface Trying extends Pick<TryPartProps, 'what'> {
  readonly typed: string
  readonly figures: Figures
  /** As if the show were on air. */
  readonly air: boolean
}

function useTry({ what, typed, figures, air }: Trying) {
  const tried = what.kind === 'trigger' ? { ...what, figures: givenOf(figures) } : { ...what, typed }
  return useChange({
    ask: (as: { viewer: number } | { madeUp: Exclude<MadeUp, 'known'> }) =>
      answerOf(api.POST('/desk/try', { body: { what: tried, as, ...(air && { onAir: true }) } })),
    invalidates: [],
    inPlace: true,
  })
}

interface AsProps {
  readonly as: MadeUp
  readonly setAs: (as: MadeUp) => void
  readonly person: Person | undefined
  readonly setPerson: (person: Person | undefined) => void
}

function As({ as, setAs, person, setPerson }: AsProps) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span>As</span>
      <Select label="Who tries it" value={as} choices={MADE_UP} onChoose={setAs} />
      {as === 'known' && <FindPerson label="Who tries it, by name" chosen={person} choose={setPerson} />}
    </div>
  )
}

type Command = Exclude<TryPartProps['what'], { kind: 'trigger' }>

function Typed({ what, typed, setTyped }: { what: Command; typed: string; setTyped: (typed: string) => void }) {
  return (
    <div className="flex items-center gap-2">
      <span>
        {what.kind === 'reward' && '!get '}
        {what.kind === 'reward' ? what.settings.word : `!${what.settings.word}`}
      </span>
      <TextInput
        aria-label="What is typed after the command"
        value={typed}
        most={300}
        placeholder={typedTo(what)}
        onValue={setTyped}
        className="flex-1"
      />
    </div>
  )
}

interface RunProps extends Omit<Trying, 'air' | 'what'>, Pick<TryPartProps, 'unsaved'> {
  readonly what: Exclude<TryPartProps['what'], { kind: 'reward' }>
  /** It is for nobody in particular. */
  readonly nobody: boolean
  readonly known: Person | undefined
}

function RunForReal({ what, unsaved, nobody, known, typed, figures }: RunProps) {
  const runFor = (id: number): Sent<unknown> =>
    what.kind === 'trigger'
      ? api.POST('/desk/triggers/{trigger}/run', {
          params: { path: { trigger: id } },
          body: { viewer: known?.id ?? null, figures: givenOf(figures) },
        })
      : api.POST('/desk/commands/{command}/use', {
          params: { path: { command: id } },
          body: { viewer: known?.id ?? 0, typed },
        })
  const run = useChange({
    ask: (id: number) => answerOf(runFor(id)),
    invalidates: [],
    said: 'It ran for real. See “Activity” for the result.',
  })
  const real = what.id !== null && !unsaved && (nobody || known !== undefined)
  return (
    <>
      <Button needs="act" disabled={!real || run.isPending} onClick={() => what.id !== null && run.mutate(what.id)}>
        Run it for real
      </Button>
      {!real && <span className="text-muted">To run it for real, save it and choose a real viewer.</span>}
    </>
  )
}

/** What is to be typed, as a hint. */
function typedTo(what: Command): string {
  if (what.kind === 'reward')
    return what.settings.asks.of === 'nothing' ? 'nothing needed' : what.settings.asks.question
  return usageLine('', what.settings.arguments).replace('!', '').trim() || 'nothing needed'
}

interface FiguresProps {
  readonly what: TriggerSettings
  readonly figures: Figures
  readonly setFigures: (figures: Figures) => void
}

/** What the event would bring. */
function FigureFields({ what, figures, setFigures }: FiguresProps) {
  const names = Object.entries(figuresOf(what.source.of))
  if (names.length === 0) return null
  return (
    <div className="grid grid-cols-2 gap-3">
      {names.map(([name, tells]) => (
        <label key={name} className="flex flex-col gap-1">
          {tells}
          <input
            value={figures[name] ?? ''}
            maxLength={100}
            onChange={(event) => setFigures({ ...figures, [name]: event.target.value })}
            className={INPUT}
          />
        </label>
      ))}
    </div>
  )
}
