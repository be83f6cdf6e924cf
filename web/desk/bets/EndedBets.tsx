import { useInfiniteQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { Link } from 'react-router'
import type { BetSettings } from '#core/bets'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { dayText } from '../../parts/time.ts'
import { ENDED_PAGE, EndedPanel } from '../EndedPanel.tsx'
import { type DeskBet, potOf } from './view.ts'

function useEnded(text: string) {
  const asked = text.trim() || undefined
  return useInfiniteQuery({
    queryKey: keyOf('bets', 'ended', text),
    queryFn: ({ pageParam, signal }) =>
      answerOf(api.GET('/desk/bets/ended', { params: { query: { text: asked, before: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ bets }) => (bets.length < ENDED_PAGE ? undefined : bets.at(-1)?.id),
    placeholderData: (before) => before,
  })
}

/** The bets that have ended: what came true, who said so, and what shows it. */
export function EndedBets({ again }: { again: (settings: BetSettings) => void }) {
  const [text, setText] = useState('')
  const ended = useEnded(useDeferredValue(text))
  return (
    <EndedPanel
      many="bets"
      rows={ended.data?.pages.flatMap((page) => page.bets) ?? []}
      columns={columnsFor(again)}
      asked={ended}
      search={{ text, setText, in: 'questions, outcomes and notes', example: 'A question, an outcome, a note' }}
      nothing="No bet has ended yet."
      noMatch="No bet matches."
    />
  )
}

const columnsFor = (again: (settings: BetSettings) => void): readonly Column<DeskBet>[] => [
  ...COLUMNS,
  {
    id: 'again',
    head: 'Again',
    headHidden: true,
    width: 'w-24',
    end: true,
    card: 'aside',
    cell: ({ question, settings }) => (
      <Button needs="act" look="quiet" aria-label={`Again: “${question}”`} onClick={() => again(settings)}>
        Again
      </Button>
    ),
  },
]

const COLUMNS: readonly Column<DeskBet>[] = [
  {
    id: 'bet',
    head: 'Bet',
    card: 'title',
    cell: ({ id, question }) => (
      <Link to={`/bets/${id}`} className="underline-offset-2 hover:underline">
        {question}
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
  { id: 'pot', head: 'Pot', width: 'w-24', end: true, card: 'figure', cell: (bet) => digits(potOf(bet)) },
  { id: 'winner', head: 'Came true', cell: cameTrue },
]

function cameTrue({ status, winner, lanes, pickedBy, why }: DeskBet) {
  if (status === 'off') return <span className="text-muted">called off: {why}</span>
  return (
    <>
      {lanes[winner ?? -1]?.name} <span className="text-muted">by {pickedBy}</span>
    </>
  )
}
