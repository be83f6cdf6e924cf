import { useInfiniteQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { useDeferredValue, useState } from 'react'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/Notice.tsx'
import { PageTitle } from '../../parts/PageTitle.tsx'
import { dayText } from '../../parts/time.ts'
import { WideTable } from '../../parts/WideTable.tsx'
import { INPUT, Select } from './inputs.tsx'

type RunShown = Answer<'/desk/runs'>['runs'][number]

const OUTCOMES = [
  { value: '', name: 'everything' },
  { value: 'done', name: 'what was done' },
  { value: 'refused', name: 'what was refused' },
  { value: 'failed', name: 'what failed on the way' },
  { value: 'waiting', name: 'what still waits' },
] as const

const WORDS = { done: 'done', refused: 'refused', failed: 'failed', waiting: 'waits' } as const

/** What ran in the last 30 days: who, when, what came of it and why, and how long it took. */
export function RunsPage() {
  const [outcome, setOutcome] = useState<(typeof OUTCOMES)[number]['value']>('')
  const [typed, setTyped] = useState('')
  const text = useDeferredValue(typed.trim())
  const runs = useInfiniteQuery({
    queryKey: ['runs', outcome, text],
    queryFn: ({ signal, pageParam }) =>
      answerOf(
        api.GET('/desk/runs', {
          params: { query: { ...(outcome !== '' && { outcome }), text, before: pageParam } },
          signal,
        }),
      ),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ before }) => before ?? undefined,
  })
  const shown = runs.data?.pages.flatMap((page) => page.runs) ?? []
  return (
    <div className="flex flex-col gap-4">
      <div className="flex items-center gap-3">
        <PageTitle>Activity</PageTitle>
        <span className="text-muted">kept for 30 days</span>
        <Select label="Show" value={outcome} choices={OUTCOMES} onChoose={setOutcome} className="ml-auto" />
        <input
          aria-label="Search by command, name or reason"
          placeholder="command, name or reason"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          className={`w-48 ${INPUT} placeholder:text-muted`}
        />
      </div>
      {runs.isPending && <Loading what="what ran" />}
      {runs.isError && <Problem error={runs.error} retry={() => void runs.refetch()} />}
      {runs.data && shown.length === 0 && (
        <p className="text-muted">
          {outcome === '' && text === '' ? 'No command and no trigger has run yet.' : 'No activity matches.'}
        </p>
      )}
      {shown.length > 0 && <RunTable runs={shown} />}
      {runs.hasNextPage && (
        <Button className="self-start" disabled={runs.isFetchingNextPage} onClick={() => void runs.fetchNextPage()}>
          Show older ones
        </Button>
      )}
    </div>
  )
}

function RunTable({ runs }: { runs: readonly RunShown[] }) {
  return (
    <WideTable>
      <table className="w-full table-fixed rounded-md border border-line bg-panel">
        <thead className="text-left text-sm text-muted">
          <tr className="border-b border-line">
            <th scope="col" className="w-36 px-3 py-2 font-medium">
              When
            </th>
            <th scope="col" className="w-[20%] px-2 py-2 font-medium">
              What
            </th>
            <th scope="col" className="w-[17%] px-2 py-2 font-medium">
              Who
            </th>
            <th scope="col" className="px-2 py-2 font-medium">
              Result
            </th>
            <th scope="col" className="w-24 px-3 py-2 text-right font-medium">
              Took
            </th>
          </tr>
        </thead>
        <tbody>
          {runs.map((run) => (
            <tr key={run.id} className="border-t border-line align-top">
              <td className="tabular px-3 py-1.5 whitespace-nowrap text-muted">{dayText(run.at)}</td>
              <td className="px-2 py-1.5 break-words">{run.source === 'command' ? `!${run.name}` : run.name}</td>
              <td className="px-2 py-1.5 break-words">
                {run.viewerName ?? <span className="text-muted">nobody</span>}
              </td>
              <td className="px-2 py-1.5 break-words">
                <Outcome run={run} />
              </td>
              <td className="tabular px-3 py-1.5 text-right whitespace-nowrap text-muted">{tookText(run)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </WideTable>
  )
}

function Outcome({ run: { outcome, why, log } }: { run: RunShown }) {
  return (
    <>
      <span
        className={clsx(
          'font-semibold',
          outcome === 'done' ? 'text-moss-text' : outcome !== 'waiting' && 'text-brick-text',
        )}
      >
        {WORDS[outcome]}
      </span>
      {why !== null && <>: {why}</>}
      {log.length > 0 && (
        <details>
          <summary className="cursor-pointer text-sm text-muted">
            {log.length} {log.length === 1 ? 'step' : 'steps'}
          </summary>
          <ol className="list-decimal pl-5 text-sm">
            {log.map((step, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: an outcome is its place
              <li key={i}>{step.sentence}</li>
            ))}
          </ol>
        </details>
      )}
    </>
  )
}

/** With its waits in seconds; without, in milliseconds to the answer. */
function tookText({ at, endedAt, ms }: RunShown): string {
  if (endedAt !== null && endedAt > at) return `${endedAt - at} s`
  return ms === null ? '–' : `${ms} ms`
}
