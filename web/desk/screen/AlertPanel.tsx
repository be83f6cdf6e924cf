import { useState } from 'react'
import { firstFault } from '#core/faults'
import { notReady, type Readiness } from '#core/runs'
import { ALERT_FIELDS, AlertSettings, alertFaults, LAYOUTS, MOVES, PLACES, PLAIN_ALERT, playing } from '#core/screen'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { fieldOf } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { NumberInput, Select, Slider, TextInput } from '../../parts/form/inputs.tsx'
import { SaveFoot } from '../../parts/form/SaveFoot.tsx'
import { type SavedAt, useSaved } from '../../parts/form/useSaved.ts'
import type { AlertShown, OverlayShown, ScreenView } from '../library/library.ts'
import { PictureField, SoundField } from '../library/RefFields.tsx'
import { AlertPreview } from './AlertPreview.tsx'
import { useScreenAction } from './useScreenAction.ts'

const FRESH: AlertSettings = {
  ...PLAIN_ALERT,
  name: '',
  title: '{{ reward.name }}',
  line: '{{ viewer.name }}',
  picture: 'sparks',
  sound: 'bell',
}

const MOVE_NAMES = { slide: 'slides', rise: 'rises', grow: 'grows', fade: 'fades', none: 'is just there' } as const
const LEAVE_NAMES = { slide: 'slides', rise: 'sinks', grow: 'shrinks', fade: 'fades', none: 'is just gone' } as const
const LAYOUT_NAMES = { beside: 'beside the words', above: 'above the words', behind: 'behind the words' } as const
const PLACE_NAMES = {
  topLeft: 'top left',
  top: 'top',
  topRight: 'top right',
  left: 'left',
  middle: 'middle',
  right: 'right',
  bottomLeft: 'bottom left',
  bottom: 'bottom',
  bottomRight: 'bottom right',
} as const

/** Whether an alert would be seen. */
export function alertReady(plays: readonly Pick<OverlayShown, 'name' | 'connected'>[]): Readiness {
  const now = plays.filter(({ connected }) => connected)
  if (now.length > 0)
    return { ready: true, sentence: `On ${now.map(({ name }) => name).join(' and ')}.`, more: 0, fix: null }
  return plays.length === 0
    ? notReady('No overlay has a box for its alert.', '/screen', 'Put one on an overlay')
    : notReady('No overlay that plays its alert is connected.', '/screen', 'Connect one')
}

interface AlertPanelProps {
  readonly view: ScreenView
  /** Undefined: a new one. */
  readonly alert: AlertShown | undefined
  readonly close: () => void
}

/** How an alert is saved. */
const AT: SavedAt<AlertSettings> = {
  save: async (id, body, from) => {
    const saved = await answerOf(
      id === null
        ? api.POST('/desk/alerts', { body })
        : api.PUT('/desk/alerts/{id}', { params: { path: { id } }, body, ...changedFrom(from) }),
    )
    return { id: saved.alert, settings: saved.settings }
  },
  remove: (id) => api.POST('/desk/alerts/{id}/remove', { params: { path: { id } } }),
  outdates: ['screen', 'store'],
}

/** Makes or changes an alert, with how it would look beside it. */
export function AlertPanel({ view, alert, close }: AlertPanelProps) {
  const saved = useSaved('alert', AT, { id: alert?.id ?? null, settings: alert?.settings ?? FRESH })
  const { draft, put: putDraft, live, changed } = saved
  const [part, setPart] = useState('What it shows')
  const put = (patch: Partial<AlertSettings>) => putDraft({ ...draft, ...patch })
  const wrong = faultsIn(AlertSettings, draft, {
    name: draft.name.trim() === '' ? 'Type a name, for the list.' : undefined,
    ...alertFaults(draft),
  })
  const foot = (
    <SaveFoot
      saved={saved}
      wrong={firstFault(wrong)}
      ready={alertReady(playing(view.overlays, live?.id ?? null))}
      nameOf={({ name }) => `“${name}”`}
      close={close}
      refreshes="screen"
      more={<PlayButton id={changed ? undefined : live?.id} />}
    />
  )
  return (
    <SidePanel
      title={live === undefined ? 'Add an alert' : live.settings.name}
      close={close}
      parts={['What it shows', 'How it moves']}
      part={part}
      setPart={setPart}
      foot={foot}
    >
      <AlertPreview draft={draft} />
      <DraftFields kept={saved} faults={wrong} error={saved.save.error}>
        {part === 'What it shows' ? <Shows draft={draft} put={put} /> : <Moves draft={draft} put={put} />}
      </DraftFields>
    </SidePanel>
  )
}

/** Plays an alert as it is saved. @param id - Undefined: it is not saved as it stands. */
function PlayButton({ id }: { id: number | undefined }) {
  const act = useScreenAction()
  const play = () =>
    act.mutate({
      send: () => api.POST('/desk/screen/test', { body: { alert: id ?? null } }),
      said: 'It plays on every overlay that is open.',
    })
  return (
    <Button disabled={id === undefined || act.isPending} onClick={play}>
      Play it now
    </Button>
  )
}

interface PartProps {
  readonly draft: AlertSettings
  readonly put: (patch: Partial<AlertSettings>) => void
}

const AlertField = fieldOf<AlertSettings>()

function Shows({ draft, put }: PartProps) {
  const fields = ALERT_FIELDS.map(({ path }) => `{{ ${path} }}`).join(', ')
  return (
    <div className="flex flex-col gap-4">
      <AlertField name="name" label="Name, for the list">
        {(own) => <TextInput data-autofocus most={60} {...own} />}
      </AlertField>
      <AlertField name="title" label="Title">
        {(own) => <TextInput most={200} {...own} />}
      </AlertField>
      <AlertField name="line" label="Line below" hint={`Fields: ${fields}`}>
        {(own) => <TextInput most={200} {...own} />}
      </AlertField>
      <PictureField
        label="Picture or video"
        value={draft.picture}
        onValue={(picture) => put({ picture })}
        videos
        none
      />
      <div className="flex flex-wrap items-center gap-4">
        <SoundField sound={draft.sound} onSound={(sound) => put({ sound })} volume={draft.volume} />
        <Slider label="Volume" value={draft.volume} onValue={(volume) => put({ volume })} />
      </div>
    </div>
  )
}

function Moves({ draft, put }: PartProps) {
  return (
    <div className="grid cols-named items-center gap-x-4 gap-y-3 self-start">
      <span>It stays</span>
      <span className="flex items-center gap-2">
        <NumberInput
          label="Seconds shown"
          value={draft.seconds}
          most={60}
          className="w-16"
          onValue={(seconds) => put({ seconds: Math.max(2, seconds) })}
        />
        seconds
      </span>
      <OneOf
        before="It comes in: it"
        label="How it comes in"
        value={draft.enter}
        all={MOVES}
        names={MOVE_NAMES}
        choose={(enter) => put({ enter })}
      />
      <OneOf
        before="It leaves: it"
        label="How it leaves"
        value={draft.leave}
        all={MOVES}
        names={LEAVE_NAMES}
        choose={(leave) => put({ leave })}
      />
      <Stands draft={draft} put={put} />
    </div>
  )
}

/** Where it stands in its box, and its picture in it. */
const Stands = ({ draft, put }: PartProps) => (
  <>
    <OneOf
      before="In its box it stands"
      label="Where it stands in its box"
      value={draft.place}
      all={PLACES}
      names={PLACE_NAMES}
      choose={(place) => put({ place })}
    />
    <OneOf
      before="The picture is"
      label="Where the picture is"
      value={draft.layout}
      all={LAYOUTS}
      names={LAYOUT_NAMES}
      choose={(layout) => put({ layout })}
    />
  </>
)

interface OneOfProps<T extends string> {
  /** What the choice goes on with: "It comes in: it". */
  readonly before: string
  readonly label: string
  readonly value: T
  readonly all: readonly T[]
  readonly names: Readonly<Record<T, string>>
  readonly choose: (value: T) => void
}

function OneOf<T extends string>({ before, label, value, all, names, choose }: OneOfProps<T>) {
  const choices = all.map((one) => ({ value: one, name: names[one] }))
  return (
    <>
      <span>{before}</span>
      <Select label={label} value={value} choices={choices} onChoose={choose} className="w-44" />
    </>
  )
}
