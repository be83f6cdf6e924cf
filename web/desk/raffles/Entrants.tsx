import { useInfiniteQuery } from '@tanstack/react-query'
import { type ReactNode, useDeferredValue, useMemo, useState } from 'react'
import { digits } from '#core/currency'
import { standingName } from '#core/people'
import { chanceInWords, weightOf } from '#core/raffles'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT, Select } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText, timeText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { ReasonDialog } from './ReasonDialog.tsx'
import { type DeskEntry, type DeskRaffle, useRaffleAction } from './view.ts'

const ORDERS = [
  { value: 'nr', name: 'as they came' },
  { value: 'late', name: 'the latest first' },
  { value: 'chance', name: 'most chances first' },
] as const
const STATES = [
  { value: 'in', name: 'who is in' },
  { value: 'left', name: 'who left' },
  { value: 'removed', name: 'who was removed' },
] as const

interface Asked {
  readonly text: string
  readonly order: (typeof ORDERS)[number]['value']
  readonly state: (typeof STATES)[number]['value']
}

const PAGE = 100
const DAY_SECONDS = 86_400

function useEntries(raffle: number, asked: Asked) {
  return useInfiniteQuery({
    queryKey: keyOf('raffles', 'entries', raffle, asked),
    queryFn: ({ pageParam, signal }) =>
      answerOf(
        api.GET('/desk/raffles/{raffle}/entries', {
          params: { path: { raffle }, query: { ...asked, from: pageParam } },
          signal,
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: ({ entries }, pages) => (entries.length < PAGE ? undefined : pages.length * PAGE),
    placeholderData: (before) => before,
  })
}

interface EntrantsProps {
  readonly raffle: DeskRaffle
  readonly circles: readonly { readonly id: number; readonly name: string }[]
}

/** Who is in, with what they have and their chance; searched, ordered, taken out one by one. */
export function Entrants({ raffle, circles }: EntrantsProps) {
  const [asked, setAsked] = useState<Asked>({ text: '', order: 'late', state: 'in' })
  const found = useEntries(raffle.id, useDeferredValue(asked))
  const entries = found.data?.pages.flatMap((page) => page.entries) ?? []
  return (
    <Panel title="Entrants" aside={`${digits(raffle.people)} people`}>
      <Asking raffle={raffle.id} asked={asked} ask={setAsked} />
      {found.isPending && <Loading what="who is in" />}
      {found.isError && <Problem error={found.error} retry={() => void found.refetch()} />}
      {found.data && entries.length === 0 && (
        <p className="px-4 py-3 text-muted">
          {asked.text === '' ? NOBODY[asked.state] : 'Nobody here is called that.'}
        </p>
      )}
      {entries.length > 0 && <EntrantTable entries={entries} raffle={raffle} circles={circles} />}
      {found.hasNextPage && (
        <Button className="m-3" disabled={found.isFetchingNextPage} onClick={() => void found.fetchNextPage()}>
          Show more
        </Button>
      )}
    </Panel>
  )
}

interface AskingProps {
  readonly raffle: number
  readonly asked: Asked
  readonly ask: (asked: Asked) => void
}

function Asking({ raffle, asked, ask }: AskingProps) {
  return (
    <div className="flex flex-wrap items-center gap-2 border-b border-line px-4 py-2">
      <input
        aria-label="Search by name"
        placeholder="A name"
        value={asked.text}
        maxLength={60}
        onChange={(event) => ask({ ...asked, text: event.target.value })}
        className={`w-40 ${INPUT}`}
      />
      <Select label="Which" value={asked.state} choices={STATES} onChoose={(state) => ask({ ...asked, state })} />
      <Select
        label="In which order"
        value={asked.order}
        choices={ORDERS}
        onChoose={(order) => ask({ ...asked, order })}
      />
      <div className="ml-auto">
        <DownloadButton path={`/desk/raffles/${raffle}/entries.csv`}>Save as CSV</DownloadButton>
      </div>
    </div>
  )
}

const NOBODY = { in: 'Nobody is in yet.', left: 'Nobody has left.', removed: 'Nobody was removed.' }

function EntrantTable({ entries, raffle, circles }: EntrantsProps & { entries: readonly DeskEntry[] }) {
  const [removing, setRemoving] = useState<DeskEntry>()
  const columns = useMemo(() => columnsOf(raffle, circles, setRemoving), [raffle, circles])
  return (
    <>
      <DataTable label="Entrants" rows={entries} columns={columns} keyOf={({ viewer }) => viewer} inPanel />
      {removing && <Remove entry={removing} raffle={raffle} close={() => setRemoving(undefined)} />}
    </>
  )
}

function columnsOf(
  raffle: DeskRaffle,
  circles: EntrantsProps['circles'],
  remove: (entry: DeskEntry) => void,
): readonly Column<DeskEntry>[] {
  // Of one that goes over days a time alone would be read as one of today.
  const cameAt = Date.now() / 1000 - (raffle.openedAt ?? 0) > DAY_SECONDS ? dayText : timeText
  return [
    { id: 'nr', head: 'No.', width: 'w-16', end: true, card: 'none', cell: ({ nr }) => <Muted>{nr}</Muted> },
    { id: 'name', head: 'Name', card: 'title', cell: (entry) => <Name entry={entry} /> },
    ...(raffle.settings.guess === null ? chanceColumns(raffle, circles) : GUESS_COLUMNS),
    { id: 'paid', head: 'Paid', width: 'w-16', end: true, card: 'none', cell: ({ paid }) => digits(paid) },
    { id: 'came', head: 'Came', width: 'w-36', end: true, card: 'none', cell: ({ at }) => cameAt(at) },
    {
      id: 'remove',
      head: 'Remove',
      headHidden: true,
      width: 'w-26',
      end: true,
      card: 'aside',
      cell: (entry) =>
        isRemovable(entry, raffle) && (
          <Button
            needs="act"
            look="quiet"
            className="py-0!"
            aria-label={`Remove ${entry.name}`}
            onClick={() => remove(entry)}
          >
            Remove
          </Button>
        ),
    },
  ]
}

const isRemovable = ({ state }: DeskEntry, { draws, status }: DeskRaffle): boolean =>
  state === 'in' && draws === 0 && (status === 'open' || status === 'closed')

/** What somebody has in it, and what that comes to. */
const GUESS_COLUMNS: readonly Column<DeskEntry>[] = [
  {
    id: 'guess',
    head: 'Guess',
    width: 'w-34',
    end: true,
    card: 'figure',
    cell: ({ guess }) => (guess === null ? <Muted>hidden until it closes</Muted> : digits(guess)),
  },
]

const chanceColumns = (raffle: DeskRaffle, circles: EntrantsProps['circles']): readonly Column<DeskEntry>[] => [
  { id: 'tickets', head: 'Tickets', width: 'w-20', end: true, card: 'figure', cell: ({ tickets }) => digits(tickets) },
  {
    id: 'weight',
    head: 'Weight',
    width: 'w-26',
    end: true,
    card: 'none',
    cell: ({ standing, weight }) => (
      <>
        {standing !== null && <Muted>{standingName(standing, circles)} </Muted>}
        {weight / 100}
      </>
    ),
  },
  {
    id: 'chance',
    head: 'Chance',
    width: 'w-28',
    end: true,
    card: 'figure',
    cell: ({ state, tickets, weight }) =>
      state === 'in' ? chanceInWords(weightOf(tickets, weight), raffle.weight) : '–',
  },
]

const Muted = ({ children }: { children: ReactNode }) => <span className="text-muted">{children}</span>

const Name = ({ entry: { name, why } }: { entry: DeskEntry }) => (
  <>
    {name}
    {why !== null && <span className="block text-muted">{why}</span>}
  </>
)

function Remove({ entry, raffle, close }: { entry: DeskEntry; raffle: DeskRaffle; close: () => void }) {
  const action = useRaffleAction({ inPlace: true })
  const { currency } = useStatus()
  return (
    <ReasonDialog
      title={`Remove ${entry.name}`}
      does="Remove"
      close={close}
      change={action}
      go={(why) => {
        const body = { viewer: entry.viewer, why }
        action.mutate(
          {
            send: () => api.POST('/desk/raffles/{raffle}/remove', { params: { path: { raffle: raffle.id } }, body }),
            said: `${entry.name} was removed.`,
          },
          { onSuccess: close },
        )
      }}
    >
      <p>
        {entry.paid > 0 ? `${digits(entry.paid)} ${currency.many} are refunded. ` : ''}
        Chat is told, with your reason.
      </p>
    </ReasonDialog>
  )
}
