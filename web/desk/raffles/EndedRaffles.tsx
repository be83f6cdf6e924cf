import { useInfiniteQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { Link } from 'react-router'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { dayText } from '../../parts/time.ts'
import { ENDED_PAGE, EndedPanel } from '../EndedPanel.tsx'
import { type Ended, formAddress } from './view.ts'

function useEnded(text: string) {
  const asked = text.trim() || undefined
  return useInfiniteQuery({
    queryKey: keyOf('raffles', 'ended', text),
    queryFn: ({ pageParam, signal }) =>
      answerOf(api.GET('/desk/raffles/ended', { params: { query: { text: asked, before: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ raffles }) => (raffles.length < ENDED_PAGE ? undefined : raffles.at(-1)?.id),
    placeholderData: (before) => before,
  })
}

/** The raffles that have ended: who won what, searched by title or winner. */
export function EndedRaffles() {
  const [text, setText] = useState('')
  const ended = useEnded(useDeferredValue(text))
  const asked = text.trim() === '' ? '' : `?text=${encodeURIComponent(text.trim())}`
  return (
    <EndedPanel
      many="raffles"
      rows={ended.data?.pages.flatMap((page) => page.raffles) ?? []}
      columns={COLUMNS}
      asked={ended}
      search={{ text, setText, in: 'titles and winners', example: 'A title or a winner' }}
      nothing="No raffle has ended yet."
      noMatch="No raffle or winner matches."
      aside={<DownloadButton path={`/desk/raffles.csv${asked}`}>Save as CSV</DownloadButton>}
    />
  )
}

const COLUMNS: readonly Column<Ended>[] = [
  {
    id: 'raffle',
    head: 'Raffle',
    card: 'title',
    cell: ({ id, settings }) => (
      <Link to={`/raffles/${id}`} className="underline-offset-2 hover:underline">
        {settings.title}
      </Link>
    ),
  },
  {
    id: 'ended',
    head: 'Ended',
    width: 'w-32',
    card: 'figure',
    cell: ({ endedAt }) => <span className="tabular whitespace-nowrap">{dayText(endedAt ?? 0)}</span>,
  },
  { id: 'people', head: 'People', width: 'w-20', end: true, card: 'figure', cell: ({ people }) => digits(people) },
  { id: 'won', head: 'Won by', cell: ({ status, winners }) => wonBy(status, winners) },
  {
    id: 'again',
    head: 'Run again',
    headHidden: true,
    width: 'w-32',
    end: true,
    card: 'aside',
    cell: ({ id, settings }) => (
      <Link
        to={formAddress({ again: id })}
        aria-label={`Run again: “${settings.title}”`}
        className="rounded-md px-3 py-1.5 font-medium whitespace-nowrap text-muted hover:bg-raised hover:text-text"
      >
        Run again
      </Link>
    ),
  },
]

function wonBy(status: Ended['status'], winners: Ended['winners']) {
  if (status === 'off') return <span className="text-muted">called off</span>
  const won = winners.filter(({ state }) => state === 'won')
  const open = won.filter(({ deliveredAt }) => deliveredAt === null).length
  if (won.length === 0) return <span className="text-muted">nobody</span>
  return (
    <>
      {won
        .slice(0, 3)
        .map(({ name }) => name)
        .join(', ')}
      {won.length > 3 && ` and ${won.length - 3} more`}
      {open > 0 && <span className="text-brass-text"> · {open} not delivered</span>}
    </>
  )
}
