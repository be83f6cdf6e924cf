import { accountInWords } from '#core/people'
import { answerOf } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { installation } from '../../parts/installation.ts'
import type { Column } from '../../parts/table/column.ts'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import type { OperatedChannel } from './view.ts'

const MEGABYTE = 1_000_000

/** How a channel stands, in a word or two. */
export function stateOf({
  closedAt,
  pausedBy,
  onAir,
}: Pick<OperatedChannel, 'closedAt' | 'pausedBy' | 'onAir'>): string {
  if (closedAt !== null) return `closed ${dayText(closedAt)}`
  if (pausedBy !== null) return pausedBy === 'operator' ? 'paused by you' : 'paused by its owner'
  return onAir ? 'on air' : 'open'
}

/** Bytes as megabytes: "12.3 MB"; nothing stored: "0". */
export const storedText = (bytes: number): string => (bytes === 0 ? '0' : `${(bytes / MEGABYTE).toFixed(1)} MB`)

export const COLUMNS: readonly Column<OperatedChannel>[] = [
  {
    id: 'name',
    head: 'Channel',
    card: 'title',
    width: 'w-1/4',
    cell: ({ name, slug }) => (
      <>
        <a href={`/c/${slug}`} className="font-semibold hover:underline">
          {name}
        </a>
        <span className="block text-sm text-muted">/c/{slug}</span>
      </>
    ),
  },
  { id: 'owner', head: 'Owner', cell: ({ owner }) => <span className="break-all">{accountInWords(owner)}</span> },
  { id: 'state', head: 'State', width: 'w-36', card: 'aside', cell: stateOf },
  {
    id: 'people',
    head: 'People',
    width: 'w-24',
    card: 'figure',
    end: true,
    cell: ({ people }) => people.toLocaleString('en'),
  },
  {
    id: 'show',
    head: 'Last show',
    width: 'w-36',
    card: 'figure',
    cell: ({ lastShow }) => (lastShow === null ? 'none yet' : dayText(lastShow)),
  },
  {
    id: 'lines',
    head: 'Lines in it',
    width: 'w-24',
    card: 'figure',
    end: true,
    cell: ({ lines }) => lines.toLocaleString('en'),
  },
  { id: 'stored', head: 'Library', width: 'w-24', card: 'figure', end: true, cell: ({ stored }) => storedText(stored) },
  { id: 'pause', head: 'Pause', headHidden: true, width: 'w-28', cell: (channel) => <PauseButton channel={channel} /> },
]

/** Pauses a channel, or resumes it. */
function PauseButton({ channel: { id, name, pausedBy, closedAt } }: { readonly channel: OperatedChannel }) {
  const paused = pausedBy === 'operator'
  const change = useChange({
    ask: () =>
      answerOf(
        installation.POST('/api/operator/channels/{id}/pause', { params: { path: { id } }, body: { paused: !paused } }),
      ),
    invalidates: ['operator'],
    said: paused ? `${name} is resumed.` : `${name} is paused. Its owners are told so at their desk.`,
  })
  if (closedAt !== null) return null
  return (
    <Button
      onClick={() => change.mutate()}
      disabled={change.isPending}
      aria-label={paused ? `Resume ${name}` : `Pause ${name}`}
    >
      {paused ? 'Resume' : 'Pause'}
    </Button>
  )
}
