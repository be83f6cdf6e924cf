import { useInfiniteQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText } from '../../parts/time.ts'
import { useChange } from '../../parts/useChange.ts'
import { type Difference, differencesOf } from './differences.ts'

type Change = Answer<'/desk/changes'>['changes'][number]

const useChanges = () =>
  useInfiniteQuery({
    queryKey: keyOf('changes'),
    queryFn: ({ signal, pageParam }) =>
      answerOf(api.GET('/desk/changes', { params: { query: { before: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ before }) => before ?? undefined,
  })

/** Who changed which setting, from what to what; what can be set back is. */
export function ChangesPage() {
  const log = useChanges()
  const changes = log.data?.pages.flatMap((page) => page.changes) ?? []
  return (
    <Panel title="What was changed at the desk" aside="the latest first">
      {log.isPending && <Loading what="the changes" />}
      {log.isError && <Problem error={log.error} retry={() => void log.refetch()} />}
      {log.data && changes.length === 0 && (
        <Empty>
          Nothing has been changed yet. Whatever somebody saves at the desk stands here, with what it was before.
        </Empty>
      )}
      <ul>
        {changes.map((change) => (
          <ChangeLine key={change.id} change={change} />
        ))}
      </ul>
      {log.hasNextPage && (
        <Button className="m-3" disabled={log.isFetchingNextPage} onClick={() => void log.fetchNextPage()}>
          Show older ones
        </Button>
      )}
    </Panel>
  )
}

/** Who it was: a person by their account, a token by what it is. */
const byInWords = (by: string): string => (by.startsWith('token:') ? 'a token' : by)

function ChangeLine({ change }: { readonly change: Change }) {
  const { id, at, by, what, name, before, after, restorable } = change
  const undo = useChange({
    ask: () => answerOf(api.POST('/desk/changes/{id}/undo', { params: { path: { id } } })),
    invalidates: 'all',
    said: `${name} is what it was before.`,
  })
  const how = before === null ? 'made' : after === null ? 'removed' : 'changed'
  return (
    <li className="flex flex-wrap items-start gap-x-4 gap-y-2 border-b border-line px-4 py-2.5 last:border-b-0">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <p>
          <strong className="break-words">{name}</strong>{' '}
          <span className="text-muted">
            {name === what ? '' : `${what}, `}
            {how} by {byInWords(by)}, {dayText(at)}
          </span>
        </p>
        {how === 'changed' && <Differences all={differencesOf(before, after)} />}
      </div>
      {restorable && (
        <Button disabled={undo.isPending} onClick={() => undo.mutate()} aria-label={`Undo: ${name}, ${dayText(at)}`}>
          Undo
        </Button>
      )}
    </li>
  )
}

/** So many differences are shown at first. */
const FIRST = 4

function Differences({ all }: { readonly all: readonly Difference[] }) {
  const [whole, setWhole] = useState(false)
  return (
    <>
      <ul className="mt-1 text-note">
        {all.slice(0, whole ? undefined : FIRST).map(({ place, before, after }) => (
          <li key={place} className="break-words">
            <span className="text-muted">{place}:</span> {before ?? 'not there'} <span aria-hidden="true">→</span>{' '}
            <span className="sr-only">became</span> {after ?? 'gone'}
          </li>
        ))}
      </ul>
      {all.length > FIRST && !whole && (
        <Button look="quiet" className="mt-1 py-0!" onClick={() => setWhole(true)}>
          and {all.length - FIRST} more
        </Button>
      )}
    </>
  )
}
