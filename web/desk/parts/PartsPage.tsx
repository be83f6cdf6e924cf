import { type ReactNode, useState } from 'react'
import { notReady } from '#core/runs'
import { Badge } from '../../parts/Badge.tsx'
import { Button } from '../../parts/Button.tsx'
import { Chart } from '../../parts/chart/Chart.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { Figure } from '../../parts/Figure.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Ready, SharedFaults } from '../../parts/feedback/Ready.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { ApplyFoot } from '../../parts/form/ApplyFoot.tsx'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { Checkbox, Field, INPUT, NumberInput, Select, Slider } from '../../parts/form/inputs.tsx'
import { OnOff } from '../../parts/OnOff.tsx'
import { PageHead } from '../../parts/page/PageHead.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'

/** Every shared part of the desk in each of its states, to be looked at and tested as a whole. In development builds alone. */
export function PartsPage() {
  return (
    <div className="flex max-w-4xl flex-col gap-6">
      <PageHead title="Parts" />
      <Buttons />
      <Inputs />
      <Feet />
      <Feedback />
      <Lists />
      <Charts />
      <Dialogs />
    </div>
  )
}

const Part = ({ title, children }: { title: string; children: ReactNode }) => (
  <Panel title={title} bodyClassName="flex flex-wrap items-start gap-4 p-4">
    {children}
  </Panel>
)

const Buttons = () => (
  <Part title="Buttons">
    {(['main', 'plain', 'danger', 'quiet'] as const).map((look) => (
      <span key={look} className="flex gap-2">
        <Button look={look}>{look}</Button>
        <Button look={look} disabled>
          {look}, off
        </Button>
      </span>
    ))}
    <Button shortcut="D">With a key</Button>
  </Part>
)

function Inputs() {
  const [on, setOn] = useState(true)
  const [price, setPrice] = useState(0)
  const [how, setHow] = useState<'room' | 'private'>('room')
  const [volume, setVolume] = useState(70)
  return (
    <Part title="Fields">
      <Field label="Text" hint="What it is for.">
        <input defaultValue="The radio" className={INPUT} />
      </Field>
      <Field label="Text that is wrong">
        <input defaultValue="The rad io" aria-invalid="true" className={INPUT} />
      </Field>
      <NumberInput label="Price" value={price} none="free" onValue={setPrice} />
      <Select
        label="How"
        value={how}
        choices={[
          { value: 'room', name: 'in the room' },
          { value: 'private', name: 'privately' },
        ]}
        onChoose={setHow}
      />
      <Checkbox on={on} onTick={setOn}>
        A box to tick
      </Checkbox>
      <OnOff on={on} name="The reward" onTurn={setOn} />
      <OnOff on={!on} name="The other reward" onTurn={(next) => setOn(!next)} />
      <Slider label="Volume" value={volume} onValue={setVolume} />
    </Part>
  )
}

const CONFLICT = {
  clashes: [
    { path: ['price'], mine: 200, theirs: 300 },
    { path: ['limits', 'perShow'], mine: null, theirs: 2 },
  ],
  keepMine: () => {},
  takeTheirs: () => {},
}

const FOOT = { pending: false, error: null, discard: () => {}, conflict: undefined }

const Feet = () => (
  <Part title="Foot of a form: saved, changed, wrong, refused, changed by two">
    <div className="flex w-full flex-col gap-4">
      <ApplyFoot {...FOOT} changed={false} />
      <ApplyFoot {...FOOT} changed />
      <ApplyFoot {...FOOT} changed wrong="Type a number above 0." />
      <ApplyFoot {...FOOT} changed error={new Error('There is already a tally called "Mugs". Choose another name.')} />
      <DraftConflict conflict={CONFLICT} />
    </div>
  </Part>
)

const OVERLAY = notReady('No overlay that plays its alert is connected.', '/screen', 'Connect one')

function Feedback() {
  const toast = useToast()
  return (
    <Part title="What is said">
      <Loading what="the orders" />
      <Problem error={new Error('The server does not answer. Try again in a moment.')} retry={() => {}} />
      <Ready ready={{ ready: true, sentence: 'Ready.', more: 0, fix: null }} />
      <Ready ready={{ ...OVERLAY, more: 1 }} />
      <SharedFaults all={[OVERLAY, OVERLAY, OVERLAY]} many="rewards" />
      <Empty action={<Button>Add the first one</Button>}>Nothing is for sale yet.</Empty>
      <Button onClick={() => toast({ text: 'Done: the lamp.', undo: () => toast({ text: 'It waits again.' }) })}>
        Say something done
      </Button>
      <Button onClick={() => toast({ text: 'That name is taken.', look: 'problem' })}>Say a problem</Button>
    </Part>
  )
}

const TOOLS = [
  { id: 1, name: 'Tweezers', change: 40, shelf: 'small' },
  { id: 2, name: 'An anvil whose name is longer than its column, and goes on', change: -1200, shelf: 'large' },
  { id: 3, name: 'Hammer', change: 0, shelf: 'small' },
]

const COLUMNS: readonly Column<(typeof TOOLS)[number]>[] = [
  { id: 'name', head: 'Tool', card: 'title', sortBy: ({ name }) => name, cell: ({ name }) => name },
  { id: 'shelf', head: 'Shelf', width: 'w-32', card: 'figure', cell: ({ shelf }) => shelf },
  {
    id: 'change',
    head: 'Change',
    width: 'w-32',
    end: true,
    card: 'figure',
    sortBy: ({ change }) => change,
    cell: ({ change }) => <Figure value={change} signed />,
  },
  {
    id: 'badge',
    head: 'Badge',
    headHidden: true,
    width: 'w-16',
    card: 'aside',
    cell: () => <Badge badge="anvil" />,
  },
]

const Lists = () => (
  <Part title="A list, in groups">
    <div className="w-full">
      <DataTable label="Tools" rows={TOOLS} columns={COLUMNS} keyOf={({ id }) => id} groupOf={({ shelf }) => shelf} />
    </div>
  </Part>
)

const BARS = [40, 90, 20, 60]

const Charts = () => (
  <Part title="A chart">
    <div className="w-full">
      <Chart
        label="210 rivets paid"
        columns={['Time', 'Paid']}
        points={BARS.map((paid, i) => ({ name: `19:${i}0`, figures: [String(paid)] }))}
        height={100}
        at={(i, width) => (width / BARS.length) * (i + 0.5)}
      >
        {(width) =>
          BARS.map((paid, i) => (
            <rect
              key={paid}
              x={(width / BARS.length) * i + 8}
              y={100 - paid}
              width={width / BARS.length - 16}
              height={paid}
              className="fill-moss"
            />
          ))
        }
      </Chart>
    </div>
  </Part>
)

function Dialogs() {
  const [open, setOpen] = useState<'dialog' | 'panel'>()
  const close = () => setOpen(undefined)
  const [part, setPart] = useState('Command')
  return (
    <Part title="Dialogs">
      <Button onClick={() => setOpen('dialog')}>Open a dialog</Button>
      <Button onClick={() => setOpen('panel')}>Open a side panel</Button>
      {open === 'dialog' && (
        <FormDialog title="Add somebody" close={close}>
          <p>Anything you give them waits until they come.</p>
          <Button look="main" onClick={close}>
            Add
          </Button>
        </FormDialog>
      )}
      {open === 'panel' && (
        <SidePanel
          title="!lamp"
          close={close}
          parts={['Command', 'Steps']}
          part={part}
          setPart={setPart}
          foot={<ApplyFoot {...FOOT} changed />}
        >
          <p>The part {part}</p>
        </SidePanel>
      )}
    </Part>
  )
}
