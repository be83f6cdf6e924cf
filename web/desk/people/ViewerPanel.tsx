import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react'
import { useQuery } from '@tanstack/react-query'
import { Fragment, useState } from 'react'
import { digits, inWords } from '#core/currency'
import { accountInWords, signInAccount, standingName } from '#core/people'
import { tallyInWords } from '#core/tallies'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { LedgerHistory } from '../../parts/LedgerHistory.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText } from '../../parts/time.ts'
import { useMay } from '../rights.tsx'
import { useStatus } from '../status.ts'
import { InviteDialog } from '../team/InviteDialog.tsx'
import { CorrectDialog } from './CorrectDialog.tsx'
import { EditPersonForm } from './EditPersonForm.tsx'
import { Notes } from './Notes.tsx'
import type { PanelAnswer } from './panel.ts'
import { RankAndHours } from './RankAndHours.tsx'

const PARTS = ['Profile', 'History', 'Edit'] as const
type Part = (typeof PARTS)[number]

interface ViewerPanelProps {
  readonly id: number
  readonly close: () => void
  /** Which part is shown first: during a show, why somebody has what they have. */
  readonly begin?: Part
}

/** One person: what they are, what they hold, and every transfer behind it. Lies beside the list, which stays in view. */
export function ViewerPanel({ id, close, begin = 'Profile' }: ViewerPanelProps) {
  return (
    <Dialog open onClose={close} className="fixed inset-0 z-30">
      <div className="fixed inset-y-0 right-0 flex w-full max-w-lg pt-14">
        <DialogPanel className="flex min-h-0 w-full flex-col border-l border-line bg-panel shadow-aside">
          <ViewerDetails id={id} close={close} begin={begin} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

interface PartsProps {
  readonly parts: readonly Part[]
  readonly part: Part
  readonly setPart: (part: Part) => void
}

const Parts = ({ parts, part, setPart }: PartsProps) => (
  <fieldset className="flex gap-1 border-b border-line px-4" aria-label="Parts">
    {parts.map((one) => (
      <button
        key={one}
        type="button"
        aria-pressed={part === one}
        onClick={() => setPart(one)}
        className={`border-b-3 px-2.5 py-2 ${part === one ? 'border-brass font-semibold' : 'border-transparent text-muted hover:text-text'}`}
      >
        {one}
      </button>
    ))}
  </fieldset>
)

function ViewerDetails({ id, close, begin }: Required<ViewerPanelProps>) {
  const found = useQuery({
    queryKey: keyOf('viewer', id),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/viewers/{viewer}', { params: { path: { viewer: id } }, signal })),
  })
  const [part, setPart] = useState<Part>(begin)
  const panel = found.data
  const mayChange = useMay()('people', 'change')
  const parts = PARTS.filter((one) => mayChange || one !== 'Edit')
  return (
    <>
      <div className="flex items-center justify-between gap-3 px-5 pt-3">
        <DialogTitle className="truncate text-xl">{panel?.viewer.name ?? 'Viewer'}</DialogTitle>
        <Button look="quiet" onClick={close} shortcut="Esc">
          Close
        </Button>
      </div>
      {found.isPending && <Loading what="this viewer" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {panel && (
        <>
          <Holds panel={panel} />
          <Parts parts={parts} part={part} setPart={setPart} />
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard */}
          <section tabIndex={0} aria-label={part} className="min-h-0 flex-1 overflow-y-auto px-5 py-4">
            {part === 'Profile' && <Known panel={panel} />}
            {part === 'History' && <FilteredHistory id={id} />}
            {part === 'Edit' && <EditPersonForm key={panel.viewer.id} panel={panel} close={close} />}
          </section>
        </>
      )}
    </>
  )
}

/** Invites the person into the team, for whoever may. */
function InviteButton({ panel: { viewer, aliases } }: { panel: PanelAnswer }) {
  const [inviting, setInviting] = useState(false)
  if (!useMay()('team', 'change')) return null
  const account = signInAccount([viewer.accountKey, ...aliases])
  return (
    <>
      <Button onClick={() => setInviting(true)}>Invite to the team …</Button>
      {inviting && <InviteDialog known={{ name: viewer.name, account }} close={() => setInviting(false)} />}
    </>
  )
}

function Holds({ panel }: { panel: PanelAnswer }) {
  const { viewer } = panel
  const { currency } = useStatus()
  const [correcting, setCorrecting] = useState(false)
  const here = viewer.present ? 'In the room now' : `Last here ${dayText(viewer.lastSeenAt)}`
  return (
    <div className="px-5 pb-3">
      <div className="flex items-center justify-between gap-3">
        <p className="tabular font-display text-3xl font-semibold">{inWords(viewer.balance, currency)}</p>
        <span className="flex flex-wrap justify-end gap-2">
          <InviteButton panel={panel} />
          <Button onClick={() => setCorrecting(true)}>Adjust …</Button>
        </span>
      </div>
      <p className="mt-1 text-muted">
        {here} · earned {inWords(viewer.earned, currency)} in all · first seen {dayText(viewer.firstSeenAt)}
        {viewer.ignored && ' · ignored'}
        {viewer.archivedAt !== null && ' · archived'}
      </p>
      {correcting && (
        <CorrectDialog
          whom={{ viewers: [viewer.id], words: viewer.name }}
          close={() => setCorrecting(false)}
          done={() => {}}
        />
      )}
    </div>
  )
}

function Known({ panel }: { panel: PanelAnswer }) {
  const standings = panel.standings.map((standing) => standingName(standing, panel.circles))
  const accounts = [panel.viewer.accountKey, ...panel.aliases].map(accountInWords)
  return (
    <div className="flex flex-col gap-5">
      <RankAndHours panel={panel} />
      <dl className="grid cols-named gap-y-1.5">
        <dt className="text-muted">Is</dt>
        <dd>{standings.length > 0 ? standings.join(', ') : 'a viewer without any role'}</dd>
        {panel.tallies.map((tally) => (
          <Fragment key={tally.id}>
            <dt className="text-muted">{tally.name}</dt>
            <dd className="tabular">{tallyInWords(tally, tally.total)}</dd>
          </Fragment>
        ))}
        <dt className="text-muted">Checked in</dt>
        <dd className="tabular">
          {counted(panel.habits.checkIns, 'time')}, {counted(panel.habits.streak, 'show')} in a row now,{' '}
          {panel.habits.bestStreak} at best
        </dd>
        <dt className="text-muted">{accounts.length > 1 ? 'Accounts' : 'Account'}</dt>
        <dd className="break-all">{accounts.join(', ')}</dd>
      </dl>
      <Notes viewer={panel.viewer.id} notes={panel.notes} />
    </div>
  )
}

/** "1 time", "3 times". */
const counted = (n: number, what: string): string => `${digits(n)} ${what}${n === 1 ? '' : 's'}`

const ONLY = [
  { only: '', name: 'Everything' },
  { only: 'earned', name: 'Earned' },
  { only: 'spent', name: 'Spent' },
  { only: 'hand', name: 'Adjusted' },
] as const

function FilteredHistory({ id }: { id: number }) {
  const [only, setOnly] = useState<(typeof ONLY)[number]['only']>('')
  return (
    <>
      <fieldset className="mb-2 flex gap-1.5" aria-label="Show in the history">
        {ONLY.map((one) => (
          <Button
            key={one.only}
            look={only === one.only ? 'plain' : 'quiet'}
            aria-pressed={only === one.only}
            onClick={() => setOnly(one.only)}
          >
            {one.name}
          </Button>
        ))}
      </fieldset>
      <LedgerHistory
        of={['viewer', id, only]}
        page={(before, signal) =>
          answerOf(
            api.GET('/desk/viewers/{viewer}/trail', {
              params: { path: { viewer: id }, query: { before, only: only === '' ? undefined : only } },
              signal,
            }),
          )
        }
      />
    </>
  )
}
