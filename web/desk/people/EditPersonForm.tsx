import { type FormEvent, useState } from 'react'
import type { Body } from '../../parts/api/called.ts'
import { answerOf, api, type Sent } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { useChange } from '../../parts/useChange.ts'
import { FindPerson } from './FindPerson.tsx'
import type { PanelAnswer } from './panel.ts'

const FIELD = 'rounded-md border border-line bg-surface px-2.5 py-1.5'

/** What the team can change of a person: applied as it is chosen, with a word of what happened. */
export function EditPersonForm({ panel, close }: { panel: PanelAnswer; close: () => void }) {
  const act = useAct()
  return (
    <div className="flex flex-col gap-5">
      {act.error && <Problem error={act.error} />}
      <NicknamePart viewer={panel.viewer} act={act.mutate} />
      <Roles panel={panel} act={act.mutate} pending={act.isPending ? act.variables.shown : undefined} />
      <Aside panel={panel} act={act.mutate} close={close} />
    </div>
  )
}

interface Act {
  readonly send: () => Sent<unknown>
  readonly text: string
  /** What is shown already while the server has not answered. */
  readonly shown?: { readonly follower?: boolean; readonly listed?: boolean }
}

const keeping = (
  { id }: Person,
  body: Body<'/desk/viewers/{viewer}'>,
  text: string,
  shown: Act['shown'] = {},
): Act => ({
  send: () => api.PUT('/desk/viewers/{viewer}', { params: { path: { viewer: id } }, body }),
  text,
  shown,
})

/** Whatever else changes of the person meanwhile, what is typed here stays. */
function NicknamePart({ viewer, act }: { viewer: Person; act: DoAct }) {
  const [nickname, setNickname] = useState(viewer.nickname ?? '')
  const submit = (event: FormEvent) => {
    event.preventDefault()
    const name = nickname.trim()
    act(keeping(viewer, { nickname }, name === '' ? 'The nickname was removed.' : `Shown as ${name} everywhere.`))
  }
  return (
    <form onSubmit={submit} className="flex items-end gap-2">
      <label className="flex min-w-0 flex-1 flex-col gap-1">
        Nickname, shown in place of {viewer.chatName}
        <input
          value={nickname}
          maxLength={60}
          onChange={(event) => setNickname(event.target.value)}
          className={FIELD}
        />
      </label>
      <Button type="submit" disabled={nickname.trim() === (viewer.nickname ?? '')}>
        Rename
      </Button>
    </form>
  )
}

function Roles({ panel, act, pending }: { panel: PanelAnswer; act: DoAct; pending: Act['shown'] }) {
  const { viewer, circles } = panel
  const setFollower = (follower: boolean) =>
    act(keeping(viewer, { follower }, follower ? 'A follower.' : 'No longer a follower.', { follower }))
  const setListed = (listed: boolean) =>
    act(keeping(viewer, { unlisted: !listed }, listed ? 'In the public lists.' : 'In no public list.', { listed }))
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-medium">Roles</legend>
      <Tick label="Follower" on={pending?.follower ?? viewer.followedAt !== null} set={setFollower} />
      <label className="flex items-center gap-2">
        Subscriber
        <select
          value={panel.standings.some((one) => one.startsWith('tier')) ? viewer.tier : 0}
          onChange={({ target }) =>
            act(keeping(viewer, { tier: Number(target.value) }, 'The subscription was changed.'))
          }
          className={FIELD}
        >
          <option value={0}>no</option>
          {[1, 2, 3].map((tier) => (
            <option key={tier} value={tier}>
              tier {tier}
            </option>
          ))}
        </select>
      </label>
      {circles.map((circle) => (
        <CirclePart key={circle.id} circle={circle} viewer={viewer} act={act} />
      ))}
      <Tick label="In the public lists" on={pending?.listed ?? !viewer.unlisted} set={setListed} />
    </fieldset>
  )
}

function Tick({ label, on, set }: { label: string; on: boolean; set: (on: boolean) => void }) {
  return (
    <label className="flex items-center gap-2">
      <input
        type="checkbox"
        checked={on}
        onChange={({ target: { checked } }) => set(checked)}
        className="size-4 accent-brass"
      />
      {label}
    </label>
  )
}

interface CirclePartProps {
  readonly circle: PanelAnswer['circles'][number]
  readonly viewer: Person
  readonly act: DoAct
}

function CirclePart({ circle: { id, name }, viewer, act }: CirclePartProps) {
  const join = (how: 'in' | 'out' | 'rules') =>
    act({
      send: () =>
        api.POST('/desk/circles/{circle}/join', {
          params: { path: { circle: id } },
          body: { viewers: [viewer.id], how },
        }),
      text: `Circle "${name}": changed.`,
    })
  return (
    <label className="flex items-center gap-2">
      Circle "{name}"
      <select
        value={viewer.circlesByHand[id] ?? 'rules'}
        onChange={({ target: { value } }) => join(value === 'in' || value === 'out' ? value : 'rules')}
        className={FIELD}
      >
        <option value="rules">by its rules ({viewer.circles.includes(id) ? 'in' : 'not in'})</option>
        <option value="in">in, added by you</option>
        <option value="out">kept out by you</option>
      </select>
    </label>
  )
}

function useAct() {
  return useChange({
    ask: ({ send }: Act) => answerOf(send()),
    invalidates: 'all',
    said: (_, { text }) => text,
    inPlace: true,
  })
}

type DoAct = (act: Act, options?: { onSuccess: () => void }) => void

/** What takes a person out of sight, or makes two one: each asks for one thing more before it happens. */
function Aside({ panel: { viewer }, act, close }: { panel: PanelAnswer; act: DoAct; close: () => void }) {
  return (
    <div className="flex flex-col gap-4 border-t border-line pt-4">
      <OutOfSight viewer={viewer} act={act} />
      <MergePart viewer={viewer} act={act} close={close} />
      <ForgetPart viewer={viewer} act={act} close={close} />
    </div>
  )
}

type Person = PanelAnswer['viewer']

function OutOfSight({ viewer, act }: { viewer: Person; act: DoAct }) {
  const [archived, ignored] = [viewer.archivedAt !== null, viewer.ignored]
  return (
    <div className="flex gap-2">
      <Button
        onClick={() =>
          act({
            send: () => api.POST('/desk/people/ignore', { body: { viewers: [viewer.id], ignored: !ignored } }),
            text: ignored ? 'No longer ignored.' : 'Ignored: earns nothing, is in no list, never wins.',
          })
        }
      >
        {ignored ? 'Stop ignoring' : 'Ignore'}
      </Button>
      <Button
        disabled={viewer.present}
        onClick={() =>
          act({
            send: () => api.POST('/desk/people/archive', { body: { viewers: [viewer.id], archived: !archived } }),
            text: archived ? 'Listed again.' : 'Archived.',
          })
        }
      >
        {archived ? 'Restore from the archive' : 'Archive'}
      </Button>
    </div>
  )
}

/** What was refused leaves the form as it stands, with the reason above: it closes only once the two are one. */
function MergePart({ viewer, act, close }: { viewer: Person; act: DoAct; close: () => void }) {
  const [other, setOther] = useState<{ id: number; name: string }>()
  const merge = () => {
    if (other === undefined) return
    const text = `${viewer.name} and ${other.name} are merged.`
    const params = { path: { viewer: viewer.id } }
    const send = () => api.POST('/desk/viewers/{viewer}/merge', { params, body: { into: other.id } })
    act({ send, text }, { onSuccess: close })
  }
  return (
    <div className="flex flex-col gap-1.5">
      <p className="font-medium">Same person as somebody else?</p>
      <p className="text-note text-muted">
        What {viewer.name} has is added to theirs; whoever comes as {viewer.chatName} is them from then on.
      </p>
      <div className="flex gap-2">
        <FindPerson label="The person who stays" chosen={other} choose={setOther} />
        <Button disabled={other === undefined || other.id === viewer.id} onClick={merge}>
          Merge{other && ` into ${other.name}`}
        </Button>
      </div>
    </div>
  )
}

function ForgetPart({ viewer, act, close }: { viewer: Person; act: DoAct; close: () => void }) {
  const [confirm, setConfirm] = useState('')
  const forget = () => {
    const params = { path: { viewer: viewer.id } }
    const send = () => api.POST('/desk/viewers/{viewer}/forget', { params, body: { confirm } })
    act({ send, text: 'Forgotten.' }, { onSuccess: close })
  }
  return (
    <div className="flex flex-col gap-1.5">
      <p className="font-medium">Forget for good</p>
      <p className="text-note text-muted">
        Names, account, notes and what they wrote go; their transfers stay, under no name. This cannot be undone. Type
        the name: {viewer.name}
      </p>
      <div className="flex gap-2">
        <input
          aria-label="The name, to confirm"
          value={confirm}
          onChange={(event) => setConfirm(event.target.value)}
          className={`min-w-0 flex-1 ${FIELD}`}
        />
        <Button look="danger" disabled={confirm.trim() !== viewer.name} onClick={forget}>
          Forget
        </Button>
      </div>
    </div>
  )
}
