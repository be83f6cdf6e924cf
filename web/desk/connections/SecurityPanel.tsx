import { useInfiniteQuery } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText } from '../../parts/time.ts'

type Entry = Answer<'/desk/security'>['entries'][number]

/** Who signed in, was refused, or did something at the desk, and from where. */
export function SecurityPanel() {
  const log = useInfiniteQuery({
    queryKey: keyOf('security'),
    queryFn: ({ pageParam, signal }) =>
      answerOf(api.GET('/desk/security', { params: { query: { before: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ before }) => before ?? undefined,
  })
  const entries = log.data?.pages.flatMap((page) => page.entries) ?? []
  return (
    <Panel title="Security log" aside="kept for 180 days">
      <div className="flex items-center gap-3 border-b border-line px-4 py-3">
        <p className="mr-auto text-muted">Sign-ins, refusals, and what was changed at the desk: who, and from where.</p>
        <DownloadButton path="/desk/security.csv">Save as CSV</DownloadButton>
      </div>
      {log.isPending && <Loading what="the security log" />}
      {log.isError && <Problem error={log.error} retry={() => void log.refetch()} />}
      {log.data && entries.length === 0 && <p className="px-4 py-3 text-muted">Nothing has happened yet.</p>}
      {entries.length > 0 && (
        <DataTable inPanel label="Security log" rows={entries} columns={COLUMNS} keyOf={({ id }) => id} />
      )}
      {log.hasNextPage && (
        <p className="border-t border-line px-4 py-3">
          <Button onClick={() => void log.fetchNextPage()} disabled={log.isFetchingNextPage}>
            Show earlier
          </Button>
        </p>
      )}
    </Panel>
  )
}

const COLUMNS: readonly Column<Entry>[] = [
  {
    id: 'when',
    head: 'When',
    width: 'w-36',
    card: 'aside',
    cell: ({ at }) => <span className="tabular whitespace-nowrap text-muted">{dayText(at)}</span>,
  },
  { id: 'who', head: 'Who', width: 'w-11/50', card: 'title', cell: ({ name }) => name || 'nobody signed in' },
  {
    id: 'what',
    head: 'What',
    cell: ({ kind, what, times }) => (
      <>
        {kind === 'refused' && <strong className="text-brick-text">Refused: </strong>}
        {what}
        {times > 1 && <span className="tabular text-muted"> ({times} times)</span>}
      </>
    ),
  },
  {
    id: 'from',
    head: 'From',
    width: 'w-36',
    cell: ({ from }) => <span className="tabular text-muted">{from}</span>,
  },
]
