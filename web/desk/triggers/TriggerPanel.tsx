import { useState } from 'react'
import { EVERYONE_MAY, NO_LIMITS } from '#core/access'
import { firstFault } from '#core/faults'
import { checkSteps, type Fault, faultInWords } from '#core/runs'
import { figuresOf, hasViewer, TriggerSettings, triggerReady } from '#core/triggers'
import { answerOf, api } from '../../parts/api.ts'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { FaultsAt, fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { TextInput } from '../../parts/form/inputs.tsx'
import { SaveFoot } from '../../parts/form/SaveFoot.tsx'
import { type Saved, type SavedAt, useSaved } from '../../parts/form/useSaved.ts'
import { LimitFields } from '../commands/LimitFields.tsx'
import { StepList } from '../commands/steps/StepList.tsx'
import { TryPart } from '../commands/TryPart.tsx'
import { aroundView, type CommandsView, type TriggerShown } from '../commands/view.ts'
import { WhoFields } from '../commands/WhoFields.tsx'
import { GroupField } from '../commands/WordPart.tsx'
import { SourceFields } from './SourceFields.tsx'

const FRESH: TriggerSettings = {
  name: '',
  group: '',
  on: true,
  source: { of: 'follow' },
  who: EVERYONE_MAY,
  onAir: false,
  limits: NO_LIMITS,
  steps: [{ do: 'say', text: '' }],
}

/** A new one as it begins. */
const freshTrigger = (button: TriggerPanelProps['button']): TriggerSettings =>
  button ? { ...FRESH, source: { of: 'button', board: button.board, colour: 'plain', confirm: false } } : FRESH

const PARTS = ['What sets it off', 'Who and how often', 'Steps', 'Try it']

interface TriggerPanelProps {
  readonly view: CommandsView
  readonly trigger: TriggerShown | undefined
  readonly close: () => void
  /** A new one is a button, on this board. */
  readonly button?: { readonly board: string }
}

/** How a trigger is saved. */
const AT: SavedAt<TriggerSettings> = {
  save: async (id, body, from) => {
    const saved = await answerOf(
      id === null
        ? api.POST('/desk/triggers', { body })
        : api.PUT('/desk/triggers/{id}', { params: { path: { id } }, body, ...changedFrom(from) }),
    )
    return { id: saved.trigger, settings: saved.settings }
  },
  remove: (id) => api.POST('/desk/triggers/{id}/remove', { params: { path: { id } } }),
  outdates: ['buttons'],
}

/** Makes or changes a trigger. */
export function TriggerPanel({ view, trigger, close, button }: TriggerPanelProps) {
  const settings = trigger?.settings ?? freshTrigger(button)
  const saved = useSaved(trigger === undefined && button ? 'button' : 'trigger', AT, {
    id: trigger?.id ?? null,
    settings,
  })
  const { draft, live } = saved
  const [part, setPart] = useState('What sets it off')
  const { of } = draft.source
  const around = { arguments: [], figures: figuresOf(of), viewer: hasViewer(of), ...aroundView(view) }
  const faults = checkSteps(draft.steps, around)
  const wrong = faultsIn(TriggerSettings, draft, wrongWith(draft, faults))
  const listed = new Set(view.outside.filter((one) => one.listed).map(({ id }) => id))
  const foot = (
    <SaveFoot
      saved={saved}
      wrong={firstFault(wrong)}
      ready={triggerReady(draft, faults, view.standing, listed)}
      nameOf={({ name }) => `“${name}”`}
      close={close}
    />
  )
  return (
    <SidePanel
      title={live === undefined ? `Add a ${button ? 'button' : 'trigger'}` : live.settings.name}
      close={close}
      parts={PARTS}
      part={part}
      setPart={setPart}
      foot={foot}
    >
      <DraftFields kept={saved} faults={wrong} error={saved.save.error}>
        <Part part={part} saved={saved} view={view} around={around} faults={faults} wrong={firstFault(wrong)} />
      </DraftFields>
    </SidePanel>
  )
}

interface TriggerPartProps extends Pick<TriggerPanelProps, 'view'> {
  readonly part: string
  readonly saved: Saved<TriggerSettings>
  readonly around: Parameters<typeof checkSteps>[1]
  readonly faults: readonly Fault[]
  readonly wrong: string | undefined
}

function Part({ part, saved, view, around, faults, wrong }: TriggerPartProps) {
  const { draft, put: putDraft, live, changed } = saved
  const put = (patch: Partial<TriggerSettings>) => putDraft({ ...draft, ...patch })
  switch (part) {
    case 'What sets it off':
      return <SourcePart draft={draft} put={put} view={view} />
    case 'Who and how often':
      return <MayPart draft={draft} put={put} view={view} />
    case 'Steps':
      return (
        <StepList
          steps={draft.steps}
          setSteps={(steps) => put({ steps })}
          view={view}
          around={around}
          faults={faults}
        />
      )
    default:
      return (
        <TryPart
          what={{ kind: 'trigger', id: live?.id ?? null, settings: draft }}
          wrong={wrong}
          unsaved={changed}
          view={view}
        />
      )
  }
}

/** What keeps a trigger from being saved, by field. */
function wrongWith({ name, source }: TriggerSettings, faults: readonly Fault[]) {
  const unchosen = source.of === 'outside' && source.reward === ''
  const fault = faults.find(({ hint }) => !hint)
  return {
    name: name.trim() === '' ? 'Type a name.' : undefined,
    source: unchosen ? 'Choose a reward that the platform has reported.' : undefined,
    steps: fault && faultInWords(fault),
  }
}

const TriggerField = fieldOf<TriggerSettings>()

interface PartProps {
  readonly draft: TriggerSettings
  readonly put: (patch: Partial<TriggerSettings>) => void
  readonly view: CommandsView
}

function SourcePart({ draft, put, view }: PartProps) {
  return (
    <div className="flex flex-col gap-5">
      <div className="grid gap-4 sm:grid-cols-2">
        <TriggerField name="name" label="Name">
          {(own) => <TextInput data-autofocus most={60} {...own} />}
        </TriggerField>
        <GroupField group={draft.group} setGroup={(group) => put({ group })} view={view} />
      </div>
      <FaultsAt name="source">
        <SourceFields source={draft.source} setSource={(source) => put({ source })} view={view} />
      </FaultsAt>
    </div>
  )
}

function MayPart({ draft, put, view }: PartProps) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  const viewer = hasViewer(draft.source.of)
  return (
    <div className="flex flex-col gap-5">
      {viewer ? (
        <WhoFields
          who={draft.who}
          view={view}
          setWho={(who) => put({ who })}
          named={named}
          setNamed={setNamed}
          may="may set it off"
        />
      ) : (
        <p className="text-muted">
          {draft.source.of === 'button'
            ? 'Whoever may act in the show can press it.'
            : 'Nobody sets this off: it happens automatically.'}
        </p>
      )}
      <LimitFields
        limits={draft.limits}
        setLimits={(limits) => put({ limits })}
        onAir={draft.onAir}
        setOnAir={(onAir) => put({ onAir })}
        viewer={viewer}
      />
    </div>
  )
}
