import { useCallback, useMemo } from 'react'
import { digits, durationInWords } from '#core/currency'
import { subscribes } from '#core/people'
import { Figure } from '../../parts/Figure.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
import { choosingColumn } from '../../parts/table/choosingColumn.tsx'
import type { Column } from '../../parts/table/column.ts'
import { VirtualTable } from '../../parts/table/VirtualTable.tsx'
import { dayText } from '../../parts/time.ts'
import { useStatus } from '../status.ts'
import { filtersOf, type PeopleResult, type PeopleView, type Person, type RanksKnown, type Sort } from './people.ts'

interface PeopleTableProps {
  readonly people: PeopleResult
  readonly view: PeopleView
  readonly setView: (view: PeopleView) => void
  readonly chosen: ReadonlyMap<number, string>
  readonly toggle: (id: number, name: string) => void
  readonly open: (id: number) => void
  readonly ranks: RanksKnown
}

/** One row for each person, however many there are, sorted by the server. */
export function PeopleTable({ people, view, setView, chosen, toggle, open, ranks }: PeopleTableProps) {
  const { now, ahead } = useStatus()
  const rows = useMemo(() => people.data?.pages.flatMap((part) => part.people) ?? [], [people.data])
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = people
  const more = useCallback(() => void fetchNextPage(), [fetchNextPage])
  const letters = Math.max(7, ...rows.flatMap(({ balance, earned }) => [balance, earned]).map((n) => digits(n).length))
  const columns = [
    choosingColumn<Person>({
      chosen: ({ id }) => chosen.has(id),
      toggle: ({ id, name }) => toggle(id, name),
      nameOf: ({ name }) => name,
    }),
    ...columnsOf({ open, ranks, now: now + ahead, letters }),
  ]
  const press = (column: string) => {
    const sort = column as Sort
    setView({ ...view, sort, down: view.sort === sort ? !view.down : sort !== 'name' })
  }
  if (people.isPending) return <Loading what="the people" />
  if (people.isError) return <Problem error={people.error} retry={() => void people.refetch()} />
  if (rows.length === 0) return <Empty>{nobodyOf(view)}</Empty>
  return (
    <VirtualTable
      label="Everybody"
      rows={rows}
      columns={columns}
      keyOf={({ id }) => id}
      total={people.data.pages[0]?.total ?? rows.length}
      sorted={{ by: view.sort, down: view.down, press }}
      canSort={({ id }) => SORTS.has(id)}
      marked={({ id }) => chosen.has(id)}
      more={hasNextPage && !isFetchingNextPage ? more : undefined}
    />
  )
}

const nobodyOf = (view: PeopleView): string =>
  view.name.trim() === '' || filtersOf(view) > 0
    ? 'Nobody matches. Clear a filter.'
    : `No name contains "${view.name.trim()}".`

const SORTS: ReadonlySet<string> = new Set<Sort>(['name', 'balance', 'earned', 'hours', 'seen'])

interface Shown {
  readonly open: (id: number) => void
  readonly ranks: RanksKnown
  /** By the server's clock. */
  readonly now: number
  /** Of the longest figure. */
  readonly letters: number
}

const columnsOf = ({ open, ranks, now, letters }: Shown): readonly Column<Person>[] => [
  {
    id: 'name',
    head: 'Name',
    width: 'w-40',
    cut: true,
    card: 'title',
    cell: (person) => <Name person={person} open={open} />,
  },
  {
    id: 'rank',
    head: 'Rank and roles',
    cut: true,
    cell: (person) => <span className="text-note text-muted">{standingWords(person, ranks, now)}</span>,
  },
  ...amountColumns(letters),
  {
    id: 'hours',
    head: 'Watched',
    width: 'w-30',
    end: true,
    cut: true,
    card: 'none',
    cell: ({ watchedSeconds: seconds }) => (
      <span className="text-muted">{seconds < 60 ? '–' : durationInWords(seconds - (seconds % 60))}</span>
    ),
  },
  {
    id: 'seen',
    head: 'Last seen',
    width: 'w-38',
    end: true,
    cut: true,
    card: 'figure',
    cell: (person) => <span className="text-muted">{seenText(person, now)}</span>,
  },
]

const amountColumns = (letters: number): readonly Column<Person>[] => [
  {
    id: 'balance',
    head: 'Balance',
    letters,
    end: true,
    card: 'figure',
    cell: ({ balance }) => <Figure value={balance} />,
  },
  {
    id: 'earned',
    head: 'Earned',
    letters,
    end: true,
    card: 'none',
    cell: ({ earned }) => (
      <span className="text-muted">
        <Figure value={earned} />
      </span>
    ),
  },
]

function Name({ person: { id, name, nickname, chatName }, open }: { person: Person; open: (id: number) => void }) {
  return (
    <button type="button" onClick={() => open(id)} className="max-w-full truncate font-medium hover:underline">
      {name}
      {nickname && <span className="font-normal text-muted"> ({chatName})</span>}
    </button>
  )
}

function seenText({ present, lastSeenAt }: Person, now: number): string {
  if (present) return 'in the room'
  return now - lastSeenAt < 60 ? 'just now' : dayText(lastSeenAt)
}

/** "Fitter · follower, tier 1, Regulars". */
function standingWords(person: Person, { plan, circles }: RanksKnown, now: number): string {
  const rank = plan.ranks.find(({ id }) => id === person.rank)?.name
  const held = [
    person.moderator && 'moderator',
    person.linked && 'linked',
    subscribes(person, now) ? `tier ${person.tier}` : person.followedAt !== null && 'follower',
    ...circles.filter(({ id }) => person.circles.includes(id)).map(({ name }) => name),
  ].filter(Boolean)
  return [rank, held.join(', ')].filter(Boolean).join(' · ')
}
