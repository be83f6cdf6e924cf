import { useVirtualizer } from '@tanstack/react-virtual'
import { clsx } from 'clsx'
import { useEffect, useRef } from 'react'
import { digits, durationInWords } from '#core/currency'
import { subscribes } from '#core/people'
import { Figure } from '../../parts/Figure.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Empty } from '../../parts/page/Panel.tsx'
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

const ROW_PX = 40

/** One row for each person; only those in view are drawn, however many there are. */
export function PeopleTable({ people, view, setView, chosen, toggle, open, ranks }: PeopleTableProps) {
  const scroller = useRef<HTMLElement>(null)
  const rows = people.data?.pages.flatMap((part) => part.people) ?? []
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = people
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 12,
  })
  const drawn = virtual.getVirtualItems()
  const last = drawn.at(-1)?.index ?? 0
  useEffect(() => {
    if (last >= rows.length - 20 && hasNextPage && !isFetchingNextPage) void fetchNextPage()
  }, [last, rows.length, hasNextPage, isFetchingNextPage, fetchNextPage])
  const above = drawn[0]?.start ?? 0
  // Figures are never cut, nor may they run into each other: their columns are as wide as the longest of them (the head is
  // set smaller than they are, so its "0" is narrower).
  const widest = Math.max(6, ...rows.flatMap(({ balance, earned }) => [balance, earned]).map((n) => digits(n).length))
  const below = virtual.getTotalSize() - (drawn.at(-1)?.end ?? 0)
  return (
    <section
      ref={scroller}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: a part that scrolls must be reachable by keyboard
      tabIndex={0}
      aria-label="Everybody"
      className="min-h-0 flex-1 overflow-auto rounded-md border border-line bg-panel"
    >
      {people.isPending && <Loading what="the people" />}
      {people.isError && <Problem error={people.error} retry={() => void people.refetch()} />}
      {people.data && rows.length === 0 && (
        <Empty>
          {view.name.trim() === '' || filtersOf(view) > 0
            ? 'Nobody matches. Clear a filter.'
            : `No name contains "${view.name.trim()}".`}
        </Empty>
      )}
      {rows.length > 0 && (
        <table
          className="w-full table-fixed"
          style={{ minWidth: `calc(40rem + ${2 * widest}ch)` }}
          aria-rowcount={(people.data?.pages[0]?.total ?? 0) + 1}
        >
          <Head view={view} setView={setView} widest={widest} />
          <tbody>
            <Gap height={above} />
            {drawn.map(({ index }) => {
              const person = rows[index]
              return (
                person && (
                  <tr
                    key={person.id}
                    aria-rowindex={index + 2}
                    style={{ height: ROW_PX }}
                    className={clsx('border-b border-line', chosen.has(person.id) && 'bg-brass-wash')}
                  >
                    <PersonCells
                      person={person}
                      chosen={chosen.has(person.id)}
                      toggle={toggle}
                      open={open}
                      ranks={ranks}
                    />
                  </tr>
                )
              )
            })}
            <Gap height={below} />
          </tbody>
        </table>
      )}
    </section>
  )
}

/** Stands for the rows that are out of view. */
function Gap({ height }: { height: number }) {
  return height > 0 ? (
    <tr>
      <td colSpan={7} style={{ height }} />
    </tr>
  ) : null
}

const HEADS: readonly { readonly sort: Sort; readonly name: string; readonly width?: string }[] = [
  { sort: 'name', name: 'Name', width: 'w-40' },
  { sort: 'balance', name: 'Balance' },
  { sort: 'earned', name: 'Earned' },
  { sort: 'hours', name: 'Watched', width: 'w-[7.5rem]' },
  { sort: 'seen', name: 'Last seen', width: 'w-[9.5rem]' },
]

interface HeadProps extends Pick<PeopleTableProps, 'view' | 'setView'> {
  readonly widest: number
}

function Head({ view, setView, widest }: HeadProps) {
  return (
    <thead className="sticky top-0 z-10 bg-panel text-sm">
      <tr>
        <th scope="col" className="w-11 border-b border-line">
          <span className="sr-only">Choose</span>
        </th>
        {HEADS.map(({ sort, name, width }) => [
          <th
            key={sort}
            scope="col"
            aria-sort={view.sort === sort ? (view.down ? 'descending' : 'ascending') : 'none'}
            style={width === undefined ? { width: `calc(${1.15 * widest}ch + 2rem)` } : undefined}
            className={clsx('border-b border-line font-normal', width, sort === 'name' ? 'text-left' : 'text-right')}
          >
            <button
              type="button"
              onClick={() => setView({ ...view, sort, down: view.sort === sort ? !view.down : sort !== 'name' })}
              className={clsx(
                'px-3 py-2',
                view.sort === sort ? 'font-semibold text-text' : 'text-muted hover:text-text',
              )}
            >
              {name}
              <span aria-hidden="true">{view.sort === sort && (view.down ? ' ↓' : ' ↑')}</span>
            </button>
          </th>,
          sort === 'name' && (
            <th key="rank" scope="col" className="border-b border-line px-3 text-left font-normal text-muted">
              Rank and roles
            </th>
          ),
        ])}
      </tr>
    </thead>
  )
}

/** "Fitter · follower, tier 1, Regulars". */
function standingWords(person: Person, { plan, circles }: RanksKnown, now: number): string {
  const rank = plan.ranks.find(({ id }) => id === person.rank)?.name
  const held = [
    person.moderator && 'moderator',
    subscribes(person, now) ? `tier ${person.tier}` : person.followedAt !== null && 'follower',
    ...circles.filter(({ id }) => person.circles.includes(id)).map(({ name }) => name),
  ].filter(Boolean)
  return [rank, held.join(', ')].filter(Boolean).join(' · ')
}

interface PersonCellsProps extends Pick<PeopleTableProps, 'toggle' | 'open' | 'ranks'> {
  readonly person: Person
  readonly chosen: boolean
}

function PersonCells({ person, chosen, toggle, open, ranks }: PersonCellsProps) {
  const { now, ahead } = useStatus()
  const seconds = person.present ? 0 : now + ahead - person.lastSeenAt
  return (
    <>
      <td className="pl-4">
        <input
          type="checkbox"
          checked={chosen}
          onChange={() => toggle(person.id, person.name)}
          aria-label={`Choose ${person.name}`}
          className="size-4 align-middle accent-brass"
        />
      </td>
      <td className="px-3">
        <button
          type="button"
          onClick={() => open(person.id)}
          className="max-w-full truncate font-medium hover:underline"
        >
          {person.name}
          {person.nickname && <span className="font-normal text-muted"> ({person.chatName})</span>}
        </button>
      </td>
      <td className="truncate px-3 text-[0.93rem] text-muted">{standingWords(person, ranks, now + ahead)}</td>
      <td className="px-3 text-right">
        <Figure value={person.balance} />
      </td>
      <td className="px-3 text-right text-muted">
        <Figure value={person.earned} />
      </td>
      <td className="tabular px-3 text-right whitespace-nowrap text-muted">
        {person.watchedSeconds < 60 ? '–' : durationInWords(person.watchedSeconds - (person.watchedSeconds % 60))}
      </td>
      <td className="tabular px-3 text-right whitespace-nowrap text-muted">
        {person.present ? 'in the room' : seconds < 60 ? 'just now' : dayText(person.lastSeenAt)}
      </td>
    </>
  )
}
