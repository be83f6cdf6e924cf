import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { useDeferredValue, useState } from 'react'
import { digits } from '#core/currency'
import type { Answer, Query } from '../../parts/api/called.ts'
import { answerOf, api, searchOf } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT, Select } from '../../parts/form/inputs.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { useChange } from '../../parts/useChange.ts'
import { ViewerPanel } from '../people/ViewerPanel.tsx'
import { OrderList } from './OrderList.tsx'
import { storeQuery } from './view.ts'

type Shown = 'open' | 'running' | 'done' | 'refunded' | 'all'

type Page = Answer<'/desk/orders/history'>

interface Asked {
  readonly shown: Shown
  readonly reward: string
  readonly text: string
  readonly order: 'oldest' | 'newest'
}

const askedOf = ({ shown, reward, text, order }: Asked): Query<'/desk/orders/history'> => ({
  shown,
  order,
  reward: reward === '' ? undefined : Number(reward),
  text: text.trim() || undefined,
})

function useHistory(asked: Asked) {
  return useInfiniteQuery({
    queryKey: keyOf('history', asked),
    queryFn: ({ pageParam, signal }) =>
      answerOf(api.GET('/desk/orders/history', { params: { query: { ...askedOf(asked), after: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => last.after ?? undefined,
    placeholderData: (before) => before,
  })
}

/** All orders: those that wait, those that are on, done, refunded; searched, filtered, ended one by one or many at once. */
export function OrdersPage() {
  const [asked, setAsked] = useState<Asked>({ shown: 'open', reward: '', text: '', order: 'oldest' })
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set())
  const [person, setPerson] = useState<number>()
  const history = useHistory(useDeferredValue(asked))
  const orders = history.data?.pages.flatMap((page) => page.orders) ?? []
  const put = (patch: Partial<Asked>) => {
    setAsked({ ...asked, ...patch })
    setChosen(new Set())
  }
  return (
    <div className="flex flex-col gap-4">
      <PageActions>
        <DownloadButton path={`/desk/orders.csv?${searchOf(askedOf(asked))}`}>Save as CSV</DownloadButton>
      </PageActions>
      <Filters asked={asked} put={put} counts={history.data?.pages[0]?.counts} />
      {chosen.size > 0 && <ManyBar chosen={chosen} clear={() => setChosen(new Set())} />}
      {history.isPending && <Loading what="the orders" />}
      {history.isError && <Problem error={history.error} retry={() => void history.refetch()} />}
      {history.data && orders.length === 0 && <NoOrder asked={asked} clear={() => put({ reward: '', text: '' })} />}
      {orders.length > 0 && <OrderList orders={orders} chosen={chosen} setChosen={setChosen} openPerson={setPerson} />}
      {history.hasNextPage && (
        <Button
          className="self-start"
          disabled={history.isFetchingNextPage}
          onClick={() => void history.fetchNextPage()}
        >
          Show more
        </Button>
      )}
      {person !== undefined && <ViewerPanel id={person} close={() => setPerson(undefined)} />}
    </div>
  )
}

const NOTHING: Readonly<Record<Shown, string>> = {
  open: 'Nothing is waiting. A new order rings and stays here until it is done.',
  running: 'No timed reward is active.',
  done: 'No order is done yet.',
  refunded: 'No order was refunded.',
  all: 'Nobody has ordered anything yet.',
}

/** What stands in place of orders: with a filter set, nothing here does not mean that nothing waits. */
function NoOrder({ asked, clear }: { asked: Asked; clear: () => void }) {
  if (asked.text.trim() === '' && asked.reward === '') return <p className="text-muted">{NOTHING[asked.shown]}</p>
  return (
    <div className="flex items-center gap-3">
      <p className="text-muted">No order matches.</p>
      <Button onClick={clear}>Show all</Button>
    </div>
  )
}

const TABS: readonly { readonly shown: Shown; readonly name: string }[] = [
  { shown: 'open', name: 'Waiting' },
  { shown: 'running', name: 'Active' },
  { shown: 'done', name: 'Done' },
  { shown: 'refunded', name: 'Refunded' },
  { shown: 'all', name: 'All' },
]

interface FiltersProps {
  readonly asked: Asked
  readonly put: (patch: Partial<Asked>) => void
  readonly counts: Page['counts'] | undefined
}

function WhichOrders({ asked, put, counts }: FiltersProps) {
  return (
    <fieldset className="flex max-w-full min-w-0 overflow-x-auto rounded-md border border-line">
      <legend className="sr-only">Which orders</legend>
      {TABS.map(({ shown, name }) => (
        <button
          key={shown}
          type="button"
          aria-pressed={asked.shown === shown}
          onClick={() => put({ shown, order: shown === 'open' ? 'oldest' : 'newest' })}
          className={clsx(
            'shrink-0 border-b-2 px-3 py-1 whitespace-nowrap',
            asked.shown === shown ? 'border-brass bg-raised font-semibold' : 'border-transparent hover:bg-raised',
          )}
        >
          {name}
          {counts && shown !== 'all' && <span className="tabular ml-1.5 text-muted">{digits(counts[shown])}</span>}
        </button>
      ))}
    </fieldset>
  )
}

function Filters({ asked, put, counts }: FiltersProps) {
  const rewards = useQuery(storeQuery).data?.rewards ?? []
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <WhichOrders asked={asked} put={put} counts={counts} />
      <input
        type="search"
        aria-label="Search by buyer, text or reward"
        placeholder="Buyer, text or reward"
        value={asked.text}
        maxLength={60}
        onChange={(event) => put({ text: event.target.value })}
        className={`w-52 ${INPUT} placeholder:text-muted`}
      />
      <Select
        label="Reward"
        value={asked.reward}
        choices={[
          { value: '', name: 'every reward' },
          ...rewards.map(({ id, settings }) => ({ value: String(id), name: settings.name })),
        ]}
        onChoose={(reward) => put({ reward })}
        className="max-w-52"
      />
      <Select
        label="Order"
        value={asked.order}
        choices={[
          { value: 'oldest', name: 'oldest first' },
          { value: 'newest', name: 'newest first' },
        ]}
        onChoose={(order) => put({ order })}
      />
    </div>
  )
}

type Does = 'done' | 'give-back'

/** What came of many at once, and why some were not done. */
function manySaid({ done, refused }: { done: number; refused: readonly string[] }, does: Does) {
  const [first] = refused
  const how = `${done} ${done === 1 ? 'order is' : 'orders are'} ${does === 'done' ? 'done' : 'refunded'}.`
  return first === undefined ? how : { text: `${how} ${refused.length} not: ${first}`, look: 'problem' as const }
}

function ManyBar({ chosen, clear }: { chosen: ReadonlySet<number>; clear: () => void }) {
  const [asking, setAsking] = useState(false)
  const many = useChange({
    ask: (does: Does) => answerOf(api.POST('/desk/orders/many', { body: { orders: [...chosen], does } })),
    invalidates: ['history', 'orders'],
    said: manySaid,
    onDone: () => clear(),
  })
  return (
    <div className="flex flex-wrap items-center gap-2 rounded-md bg-brass-wash px-3 py-2">
      <span className="mr-2">
        {chosen.size} {chosen.size === 1 ? 'order' : 'orders'} chosen
      </span>
      {asking ? (
        <>
          <span>Refund all of them?</span>
          <Button look="danger" disabled={many.isPending} onClick={() => many.mutate('give-back')}>
            Refund
          </Button>
          <Button onClick={() => setAsking(false)}>Keep them</Button>
        </>
      ) : (
        <>
          <Button needs="act" look="main" disabled={many.isPending} onClick={() => many.mutate('done')}>
            All done
          </Button>
          <Button needs="act" onClick={() => setAsking(true)}>
            Refund all
          </Button>
          <Button look="quiet" onClick={clear}>
            Clear selection
          </Button>
        </>
      )}
    </div>
  )
}
