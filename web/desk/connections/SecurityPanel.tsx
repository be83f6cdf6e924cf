import { useInfiniteQuery } from '@tanstack/react-query'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { DownloadButton } from '../../parts/DownloadButton.tsx'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { Panel } from '../../parts/Panel.tsx'
import { dayText } from '../../parts/time.ts'

type Entry = Answer<'/desk/security'>['entries'][number]

/** Who signed in, was refused, or did something at the desk, and from where. */
export function SecurityPanel() {
  const log = useInfiniteQuery({
    queryKey: ['security'],
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
      {entries.length > 0 && <Entries entries={entries} />}
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

function Entries({ entries }: { entries: readonly Entry[] }) {
  return (
    <table className="w-full text-left">
      <thead className="text-sm text-muted">
        <tr>
          {['When', 'Who', 'What', 'From'].map((head) => (
            <th key={head} scope="col" className="px-4 py-2 font-normal">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {entries.map(({ id, at, kind, name, from, what, times }) => (
          <tr key={id} className="border-t border-line align-baseline">
            <td className="tabular px-4 py-1.5 whitespace-nowrap text-muted">{dayText(at)}</td>
            <td className="py-1.5 pr-4 break-words">{name || 'nobody signed in'}</td>
            <td className="py-1.5 pr-4 break-words">
              {kind === 'refused' && <strong className="text-brick-text">Refused: </strong>}
              {what}
              {times > 1 && <span className="tabular text-muted"> ({times} times)</span>}
            </td>
            <td className="tabular py-1.5 pr-4 text-muted">{from}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
