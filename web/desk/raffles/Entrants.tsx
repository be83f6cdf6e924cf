import { useInfiniteQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { digits } from '#core/currency'
import { standingName } from '#core/people'
import { chanceInWords, weightOf } from '#core/raffles'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT, Select } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
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
    queryKey: ['raffles', 'entries', raffle, asked],
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
    <div className="flex items-center gap-2 border-b border-line px-4 py-2">
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
  // Of one that goes over days a time alone would be read as one of today.
  const cameAt = Date.now() / 1000 - (raffle.openedAt ?? 0) > DAY_SECONDS ? dayText : timeText
  const mayRemove = raffle.draws === 0 && (raffle.status === 'open' || raffle.status === 'closed')
  return (
    <>
      <table className="w-full">
        <thead className="text-left text-[0.93rem] text-muted">
          <tr className="border-b border-line">
            <th scope="col" className="py-1.5 pl-4 text-right font-normal">
              No.
            </th>
            <th scope="col" className="pl-4 font-normal">
              Name
            </th>
            <th scope="col" className="text-right font-normal">
              Tickets
            </th>
            <th scope="col" className="text-right font-normal">
              Weight
            </th>
            <th scope="col" className="text-right font-normal">
              Chance
            </th>
            <th scope="col" className="pl-4 text-right font-normal">
              Paid
            </th>
            <th scope="col" className="pl-6 font-normal">
              Came
            </th>
            <th scope="col">
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody className="tabular">
          {entries.map((entry) => (
            <Entrant
              key={entry.viewer}
              entry={entry}
              raffle={raffle}
              circles={circles}
              came={cameAt(entry.at)}
              remove={mayRemove && entry.state === 'in' ? () => setRemoving(entry) : undefined}
            />
          ))}
        </tbody>
      </table>
      {removing && <Remove entry={removing} raffle={raffle} close={() => setRemoving(undefined)} />}
    </>
  )
}

function Entrant({
  entry,
  raffle,
  circles,
  came,
  remove,
}: EntrantsProps & { entry: DeskEntry; came: string; remove: (() => void) | undefined }) {
  const { nr, name, why, tickets, standing, weight, state, paid } = entry
  return (
    <tr className="border-b border-line last:border-b-0">
      <td className="py-1.5 pl-4 text-right text-muted">{nr}</td>
      <td className="pl-4">
        {name}
        {why !== null && <span className="block text-muted">{why}</span>}
      </td>
      <td className="text-right">{digits(tickets)}</td>
      <td className="text-right">
        {standing !== null && <span className="text-muted">{standingName(standing, circles)} </span>}
        {weight / 100}
      </td>
      <td className="text-right">{state === 'in' ? chanceInWords(weightOf(tickets, weight), raffle.weight) : '–'}</td>
      <td className="text-right">{digits(paid)}</td>
      <td className="pl-6">{came}</td>
      <td className="pr-2 text-right">
        {remove && (
          <Button look="quiet" aria-label={`Remove ${name}`} onClick={remove}>
            Remove
          </Button>
        )}
      </td>
    </tr>
  )
}

function Remove({ entry, raffle, close }: { entry: DeskEntry; raffle: DeskRaffle; close: () => void }) {
  const action = useRaffleAction({ inPlace: true })
  const { currency } = useStatus()
  return (
    <ReasonDialog
      title={`Remove ${entry.name}`}
      does="Remove"
      close={close}
      error={action.error}
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
