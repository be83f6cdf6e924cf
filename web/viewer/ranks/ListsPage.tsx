import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { digits, durationInWords } from '#core/currency'
import type { Query } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { usePageTitle } from '../../parts/page/PageTitle.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { useChange } from '../../parts/useChange.ts'
import { useChannel } from '../channel.ts'
import { useStanding } from '../standing.ts'

const PERIODS = [
  { period: 'all', name: 'All time' },
  { period: 'days', name: '30 days' },
  { period: 'show', name: 'This show' },
] as const

type Period = (typeof PERIODS)[number]['period']

const Periods = ({ period, setPeriod }: { period: Period; setPeriod: (period: Period) => void }) => (
  <fieldset className="mb-3 flex gap-1.5" aria-label="Of which time">
    {PERIODS.map((one) => (
      <Button
        key={one.period}
        aria-pressed={period === one.period}
        look={period === one.period ? 'plain' : 'quiet'}
        onClick={() => setPeriod(one.period)}
      >
        {one.name}
      </Button>
    ))}
  </fieldset>
)

/** Who watched longest, earned most, has most; and one's own place among them. */
export function ListsPage() {
  usePageTitle('Lists')
  const { currency } = useChannel()
  const [list, setList] = useState<'hours' | 'earned' | 'balance'>('hours')
  const [period, setPeriod] = useState<Period>('all')
  const lists = [
    { list: 'hours', name: 'Watched longest' },
    { list: 'earned', name: 'Earned most' },
    { list: 'balance', name: `Most ${currency.many}` },
  ] as const
  return (
    <>
      <h1 className="sr-only">Lists</h1>
      <fieldset className="mb-2 flex flex-wrap gap-1.5" aria-label="Which list">
        {lists.map((one) => (
          <Button
            key={one.list}
            aria-pressed={list === one.list}
            look={list === one.list ? 'main' : 'plain'}
            onClick={() => setList(one.list)}
          >
            {one.name}
          </Button>
        ))}
      </fieldset>
      {list !== 'balance' && <Periods period={period} setPeriod={setPeriod} />}
      <List list={list} period={list === 'balance' ? 'all' : period} />
      <Listed />
    </>
  )
}

function List({ list, period }: Required<Query<'/lists'>>) {
  const found = useQuery({
    queryKey: keyOf('lists', list, period),
    queryFn: ({ signal }) => answerOf(api.GET('/lists', { params: { query: { list: list, period: period } }, signal })),
    placeholderData: keepPreviousData,
  })
  if (found.isPending) return <Loading what="the list" />
  if (found.isError) return <Problem error={found.error} retry={() => void found.refetch()} />
  const { places, own } = found.data
  if (places.length === 0) return <p className="py-4 text-muted">Nobody is in this list yet.</p>
  const isIn = own !== null && places.some(({ id }) => id === own.id)
  const value = (n: number) => (list === 'hours' ? durationInWords(n - (n % 60)) : digits(n))
  return (
    <ol>
      {[...places, ...(own && !isIn ? [own] : [])].map((one) => (
        <li
          key={one.id}
          className={`flex items-baseline gap-3 border-t border-line py-2.5 first:border-t-0 ${own?.id === one.id ? '-mx-2 bg-brass-wash px-2 font-semibold' : ''}`}
        >
          <span className="tabular w-9 shrink-0 text-right text-muted">{one.place}.</span>
          <span className="min-w-0 flex-1 truncate">
            {one.name}
            {own?.id === one.id && <span className="font-normal"> – you</span>}
          </span>
          <span className="tabular shrink-0">{value(one.value)}</span>
        </li>
      ))}
    </ol>
  )
}

/** Being in the lists, or in none of them. */
function Listed() {
  const standing = useStanding()
  const [chosen, setChosen] = useState<boolean>()
  const put = useChange({
    ask: (listed: boolean) => answerOf(api.PUT('/me/listed', { body: { listed } })),
    invalidates: 'all',
    onFresh: () => setChosen(undefined),
  })
  if (!standing?.known) return null
  return (
    <div className="mt-6">
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          checked={chosen ?? !standing.listed}
          onChange={(event) => {
            // At once: the box must not spring back until the mutation says that it is under way.
            setChosen(event.target.checked)
            put.mutate(!event.target.checked)
          }}
          className="size-4 accent-brass"
        />
        Hide me from the lists
      </label>
      {put.error && <Problem error={put.error} />}
    </div>
  )
}
