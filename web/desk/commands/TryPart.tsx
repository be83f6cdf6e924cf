import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import type { RewardSettings } from '#core/store'
import { figuresOf, hasViewer, type TriggerSettings } from '#core/triggers'
import { type CommandSettings, usageLine } from '#core/words'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { Checkbox, INPUT, Select } from '../../parts/form/inputs.tsx'
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

/** Tries it as it stands in the form, on a copy of the channel; and, once it is live, runs it for real. */
export function TryPart({ what, wrong, unsaved, view }: TryPartProps) {
  const toast = useToast()
  const [as, setAs] = useState<(typeof MADE_UP)[number]['value']>('follower')
  const [person, setPerson] = useState<Person>()
  const [typed, setTyped] = useState('')
  const [figures, setFigures] = useState<Readonly<Record<string, string>>>({})
  const [air, setAir] = useState(false)
  const nobody = what.kind === 'trigger' && !hasViewer(what.settings.source.of)
  const who = as === 'known' ? (person === undefined ? undefined : { viewer: person.id }) : { madeUp: as }
  const given = Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== ''))
  const tried = what.kind === 'trigger' ? { ...what, figures: given } : { ...what, typed }
  const tryIt = useMutation({
    mutationFn: (as: NonNullable<typeof who>) =>
      answerOf(api.POST('/desk/try', { body: { what: tried, as, ...(air && { onAir: true }) } })),
  })
  const runFor = (id: number): Sent<unknown> =>
    what.kind === 'trigger'
      ? api.POST('/desk/triggers/{trigger}/run', {
          params: { path: { trigger: id } },
          body: { viewer: nobody ? null : (person?.id ?? null), figures: given },
        })
      : api.POST('/desk/commands/{command}/use', {
          params: { path: { command: id } },
          body: { viewer: person?.id ?? 0, typed },
        })
  const run = useMutation({
    mutationFn: (id: number) => answerOf(runFor(id)),
    onSuccess: () => toast({ text: 'It ran for real. See “Activity” for the result.' }),
    onError: (fault) => toast({ text: fault.message, look: 'problem' }),
  })
  const buys = what.kind === 'reward'
  const real = !buys && what.id !== null && !unsaved && (nobody || (as === 'known' && person !== undefined))
  return (
    <div className="flex flex-col gap-4">
      {!nobody && (
        <div className="flex flex-wrap items-center gap-2">
          <span>As</span>
          <Select label="Who tries it" value={as} choices={MADE_UP} onChoose={setAs} />
          {as === 'known' && <FindPerson label="Who tries it, by name" chosen={person} choose={setPerson} />}
        </div>
      )}
      {what.kind !== 'trigger' ? (
        <label className="flex items-center gap-2">
          <span>{buys ? `!get ${what.settings.word}` : `!${what.settings.word}`}</span>
          <input
            aria-label="What is typed after the command"
            value={typed}
            maxLength={300}
            placeholder={typedTo(what)}
            onChange={(event) => setTyped(event.target.value)}
            className={`flex-1 ${INPUT} placeholder:text-muted`}
          />
        </label>
      ) : (
        <Figures what={what.settings} figures={figures} setFigures={setFigures} />
      )}
      {!view.standing.onAir && (
        <Checkbox on={air} onTick={setAir}>
          As if the show were on air
        </Checkbox>
      )}
      <div className="flex flex-wrap items-center gap-2">
        <Button
          look="main"
          disabled={wrong !== undefined || tryIt.isPending || (who === undefined && !nobody)}
          onClick={() => tryIt.mutate(who ?? { madeUp: 'follower' })}
        >
          Try it (changes nothing)
        </Button>
        {!buys && (
          <Button disabled={!real || run.isPending} onClick={() => what.id !== null && run.mutate(what.id)}>
            Run it for real
          </Button>
        )}
        {buys && <span className="text-muted">To run it for real, buy it in chat or on the viewer page.</span>}
        {!real && !buys && <span className="text-muted">To run it for real, save it and choose a real viewer.</span>}
      </div>
      {wrong !== undefined && <p className="text-muted">Before it can be tried, fix this: {wrong}</p>}
      {tryIt.error && <Problem error={tryIt.error} />}
      {tryIt.data && <TriedReport tried={tryIt.data} />}
    </div>
  )
}

/** What is to be typed, as a hint. */
function typedTo(what: Exclude<TryPartProps['what'], { kind: 'trigger' }>): string {
  if (what.kind === 'reward')
    return what.settings.asks.of === 'nothing' ? 'nothing needed' : what.settings.asks.question
  return usageLine('', what.settings.arguments).replace('!', '').trim() || 'nothing needed'
}

interface FiguresProps {
  readonly what: TriggerSettings
  readonly figures: Readonly<Record<string, string>>
  readonly setFigures: (figures: Readonly<Record<string, string>>) => void
}

/** What the event would bring. */
function Figures({ what, figures, setFigures }: FiguresProps) {
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
