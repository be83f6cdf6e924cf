import { useInfiniteQuery } from '@tanstack/react-query'
import { clsx } from 'clsx'
import { useDeferredValue, useState } from 'react'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { INPUT, Select } from '../../parts/form/inputs.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText } from '../../parts/time.ts'

type RunShown = Answer<'/desk/runs'>['runs'][number]

const OUTCOMES = [
  { value: '', name: 'everything' },
  { value: 'done', name: 'what was done' },
  { value: 'refused', name: 'what was refused' },
  { value: 'failed', name: 'what failed on the way' },
  { value: 'waiting', name: 'what still waits' },
] as const

const WORDS = { done: 'done', refused: 'refused', failed: 'failed', waiting: 'waits' } as const

type Outcome = (typeof OUTCOMES)[number]['value']

const useRuns = (outcome: Outcome, text: string) =>
  useInfiniteQuery({
    queryKey: keyOf('runs', outcome, text),
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

/** What ran in the last 30 days: who, when, what came of it and why, and how long it took. */
export function RunsPage() {
  const [outcome, setOutcome] = useState<Outcome>('')
  const [typed, setTyped] = useState('')
  const text = useDeferredValue(typed.trim())
  const runs = useRuns(outcome, text)
  const shown = runs.data?.pages.flatMap((page) => page.runs) ?? []
  return (
    <div className="flex flex-col gap-4">
      <PageActions note="kept for 30 days">
        <Select label="Show" value={outcome} choices={OUTCOMES} onChoose={setOutcome} />
        <input
          aria-label="Search by command, name or reason"
          placeholder="command, name or reason"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          className={`w-48 ${INPUT} placeholder:text-muted`}
        />
      </PageActions>
      {runs.isPending && <Loading what="what ran" />}
      {runs.isError && <Problem error={runs.error} retry={() => void runs.refetch()} />}
      {runs.data && shown.length === 0 && (
        <p className="text-muted">
          {outcome === '' && text === '' ? 'No command and no trigger has run yet.' : 'No activity matches.'}
        </p>
      )}
      {shown.length > 0 && <DataTable label="Activity" rows={shown} columns={COLUMNS} keyOf={({ id }) => id} />}
      {runs.hasNextPage && (
        <Button className="self-start" disabled={runs.isFetchingNextPage} onClick={() => void runs.fetchNextPage()}>
          Show older ones
        </Button>
      )}
    </div>
  )
}

const COLUMNS: readonly Column<RunShown>[] = [
  {
    id: 'when',
    head: 'When',
    width: 'w-36',
    card: 'figure',
    cell: ({ at }) => <span className="tabular whitespace-nowrap text-muted">{dayText(at)}</span>,
  },
  {
    id: 'what',
    head: 'What',
    width: 'w-1/5',
    card: 'title',
    cell: ({ source, name }) => (source === 'command' ? `!${name}` : name),
  },
  {
    id: 'who',
    head: 'Who',
    width: 'w-4/25',
    card: 'figure',
    cell: ({ viewerName }) => viewerName ?? <span className="text-muted">nobody</span>,
  },
  { id: 'result', head: 'Result', cell: (run) => <Outcome run={run} /> },
  {
    id: 'took',
    head: 'Took',
    width: 'w-24',
    end: true,
    card: 'aside',
    cell: (run) => <span className="whitespace-nowrap text-muted">{tookText(run)}</span>,
  },
]

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
