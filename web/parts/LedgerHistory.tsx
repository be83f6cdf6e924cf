import { useInfiniteQuery } from '@tanstack/react-query'
import type { Answer } from './api/called.ts'
import { Button } from './Button.tsx'
import { Figure } from './Figure.tsx'
import { Loading, Problem } from './feedback/Notice.tsx'
import { dayText } from './time.ts'

type Entry = Answer<'/desk/viewers/{viewer}/trail'>['entries'][number]

type Page = Answer<'/desk/viewers/{viewer}/trail'>

interface HistoryProps {
  /** Whose it is, as the name of a query. */
  readonly of: readonly unknown[]
  readonly page: (before: number | undefined, signal: AbortSignal) => Promise<Page>
}

/** The transfers behind one balance, newest first: when, why, how much, and what was there after it. */
export function LedgerHistory({ of, page }: HistoryProps) {
  const trail = useInfiniteQuery({
    queryKey: [...of, 'trail'],
    queryFn: ({ pageParam, signal }) => page(pageParam, signal),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => last.before ?? undefined,
  })
  if (trail.isPending) return <Loading what="the history" />
  if (trail.isError) return <Problem error={trail.error} retry={() => void trail.refetch()} />
  const entries = trail.data.pages.flatMap((page) => page.entries)
  if (entries.length === 0) return <p className="py-4 text-muted">Nothing has been earned or spent yet.</p>
  return (
    <>
      <HistoryTable entries={entries} />
      {trail.hasNextPage && (
        <Button className="mt-3" onClick={() => void trail.fetchNextPage()} disabled={trail.isFetchingNextPage}>
          Show earlier
        </Button>
      )}
    </>
  )
}

function HistoryTable({ entries }: { entries: readonly Entry[] }) {
  return (
    <table className="w-full text-left text-note">
      <thead className="text-sm text-muted">
        <tr>
          <th scope="col" className="py-1.5 pr-3 font-medium">
            Why
          </th>
          <th scope="col" className="py-1.5 pl-3 text-right font-medium">
            Change
          </th>
          <th scope="col" className="py-1.5 pl-3 text-right font-medium">
            After it
          </th>
        </tr>
      </thead>
      <tbody>
        {entries.map(({ id, at, change, balance, why }) => (
          <tr key={`${id}/${change}`} className="border-t border-line align-top">
            <td className="py-2 pr-3">
              {why}
              <span className="block text-sm text-muted">{dayText(at)}</span>
            </td>
            <td className="py-2 pl-3 text-right">{balance === null ? <Still /> : <Figure value={change} signed />}</td>
            <td className="py-2 pl-3 text-right">{balance !== null && <Figure value={balance} />}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Nothing came in or went out: it had been paid before. */
function Still() {
  return <span className="text-sm text-muted">paid before</span>
}
