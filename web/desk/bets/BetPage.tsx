import { useInfiniteQuery } from '@tanstack/react-query'
import { type ReactNode, useDeferredValue, useState } from 'react'
import { useParams } from 'react-router'
import { digits } from '#core/currency'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Lanes } from '../../parts/bets/Lanes.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT } from '../../parts/form/inputs.tsx'
import { PageHead } from '../../parts/page/PageHead.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText, timeText } from '../../parts/time.ts'
import { ExtendButton, NextStep } from './Actions.tsx'
import { EvidencePanel } from './EvidencePanel.tsx'
import { type DeskBet, potOf, STATES } from './view.ts'

const PAGE = 100

function useBet(id: number, text: string) {
  return useInfiniteQuery({
    queryKey: keyOf('bets', 'one', id, text),
    queryFn: ({ pageParam, signal }) =>
      answerOf(
        api.GET('/desk/bets/{bet}', {
          params: { path: { bet: id }, query: { text: text.trim() || undefined, from: pageParam } },
          signal,
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: ({ backers }, pages) => (backers.length < PAGE ? undefined : pages.length * PAGE),
    placeholderData: (before) => before,
  })
}

/** One bet: how it stands or ended, who is in it, and what shows how it ended. */
export function BetPage() {
  const id = Number(useParams().bet)
  const [text, setText] = useState('')
  const found = useBet(id, useDeferredValue(text))
  const first = found.data?.pages[0]
  if (found.isError) return <Problem error={found.error} retry={() => void found.refetch()} />
  if (first === undefined) return <Loading what="the bet" />
  const { bet } = first
  const backers = found.data?.pages.flatMap((page) => page.backers) ?? []
  const more = found.hasNextPage && (
    <Button className="m-3" disabled={found.isFetchingNextPage} onClick={() => void found.fetchNextPage()}>
      Show more
    </Button>
  )
  return (
    <div className="flex max-w-5xl flex-col gap-5">
      <Head bet={bet} currency={first.currency.many} />
      <Lanes lanes={bet.lanes} rakeBp={bet.rakeBp} winner={bet.winner} open={bet.status === 'open'} />
      {bet.winner !== null && <EvidencePanel key={`${bet.note}\n${bet.link}`} bet={bet} />}
      <WhoIsIn bet={bet} backers={backers} text={text} setText={setText}>
        {more}
      </WhoIsIn>
    </div>
  )
}

function Head({ bet, currency }: { bet: DeskBet; currency: string }) {
  return (
    <>
      <PageHead title={bet.question} back={{ to: '/bets', name: 'Bets' }}>
        {bet.endedAt === null && (
          <>
            {(bet.status === 'open' || bet.status === 'locked') && <ExtendButton bet={bet} />}
            <NextStep bet={bet} main />
          </>
        )}
      </PageHead>
      <p className="tabular text-muted">
        {STATES[bet.status]} · opened {dayText(bet.openedAt)} by {bet.byName} · {digits(bet.backers)} in · pot{' '}
        {digits(potOf(bet))} {currency}
        {bet.pickedBy !== null && ` · picked by ${bet.pickedBy} at ${timeText(bet.pickedAt ?? 0)}`}
        {bet.why !== null && ` · ${bet.why}`}
      </p>
    </>
  )
}

interface WhoProps {
  readonly bet: DeskBet
  readonly backers: readonly Backer[]
  readonly text: string
  readonly setText: (text: string) => void
  readonly children: ReactNode
}

function WhoIsIn({ bet, backers, text, setText, children }: WhoProps) {
  return (
    <Panel title="Who is in">
      <div className="border-b border-line px-4 py-2">
        <input
          aria-label="Search for a name"
          placeholder="A name"
          value={text}
          maxLength={60}
          onChange={(event) => setText(event.target.value)}
          className={`w-60 ${INPUT}`}
        />
      </div>
      {backers.length === 0 ? (
        <p className="px-4 py-3 text-muted">{text === '' ? 'Nobody has bet yet.' : 'Nobody in it is called that.'}</p>
      ) : (
        <DataTable inPanel label="Who is in" rows={backers} columns={columnsFor(bet)} keyOf={({ viewer }) => viewer} />
      )}
      {children}
    </Panel>
  )
}

interface Backer {
  readonly viewer: number
  readonly name: string
  readonly laid: readonly { readonly outcome: number; readonly amount: number; readonly at: number }[]
  readonly back: number
  readonly won: number
}

const columnsFor = ({ lanes }: DeskBet): readonly Column<Backer>[] => [
  { id: 'name', head: 'Name', card: 'title', cell: ({ name }) => name },
  {
    id: 'on',
    head: 'On',
    cell: ({ laid }) => [...new Set(laid.map(({ outcome }) => lanes[outcome]?.name ?? ''))].join(', '),
  },
  {
    id: 'staked',
    head: 'Staked',
    width: 'w-24',
    end: true,
    card: 'figure',
    cell: ({ laid }) => digits(laid.reduce((sum, { amount }) => sum + amount, 0)),
  },
  {
    id: 'last',
    head: 'Last at',
    width: 'w-24',
    end: true,
    cell: ({ laid }) => <span className="tabular">{timeText(laid.at(-1)?.at ?? 0)}</span>,
  },
  { id: 'back', head: 'Refunded', width: 'w-24', end: true, cell: ({ back }) => digits(back) },
  { id: 'won', head: 'Paid', width: 'w-24', end: true, card: 'figure', cell: ({ won }) => digits(won) },
]
