import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { accountInWords } from '#core/people'
import { AREA_NAMES, AREAS, type Area } from '#core/team'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Select, TextInput } from '../../parts/form/inputs.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { dayText } from '../../parts/time.ts'
import { useMay } from '../rights.tsx'
import { type Difference, differencesOf } from './differences.ts'
import { UndoButton } from './UndoButton.tsx'
import { teamQuery } from './view.ts'

type Change = Answer<'/desk/changes'>['changes'][number]

/** What of the log is shown; what is left out does not matter. */
interface Wanted {
  readonly account?: string | undefined
  readonly area?: Area | undefined
  readonly text?: string | undefined
}

const useChanges = (wanted: Wanted) =>
  useInfiniteQuery({
    queryKey: keyOf('changes', wanted),
    queryFn: ({ signal, pageParam }) =>
      answerOf(api.GET('/desk/changes', { params: { query: { ...wanted, before: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ before }) => before ?? undefined,
  })

/** Who changed which setting, from what to what; what can be set back is. */
export function ChangesPage() {
  const [wanted, setWanted] = useState<Wanted>({})
  const log = useChanges(useDeferredValue(wanted))
  const changes = log.data?.pages.flatMap((page) => page.changes) ?? []
  return (
    <Panel title="What was changed at the desk" aside="the latest first">
      <Filters wanted={wanted} put={(patch) => setWanted({ ...wanted, ...patch })} />
      {log.isPending && <Loading what="the changes" />}
      {log.isError && <Problem error={log.error} retry={() => void log.refetch()} />}
      {log.data && changes.length === 0 && <None filtered={Object.values(wanted).some(Boolean)} />}
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

const None = ({ filtered }: { readonly filtered: boolean }) => (
  <Empty>
    {filtered
      ? 'Nothing that was changed is like that.'
      : 'Nothing has been changed yet. Whatever somebody saves at the desk stands here, with what it was before.'}
  </Empty>
)

interface FiltersProps {
  readonly wanted: Wanted
  readonly put: (patch: Wanted) => void
}

function Filters({ wanted: { account = '', area, text = '' }, put }: FiltersProps) {
  const team = useQuery(teamQuery).data
  const mayDo = useMay()
  const people = team === undefined ? [] : [team.owner, ...team.members.map((one) => one.account)]
  const areas = AREAS.filter((one) => mayDo(one, 'look'))
  return (
    <div className="flex flex-wrap items-center gap-3 border-b border-line px-4 py-2.5">
      <TextInput
        aria-label="Search by what was changed"
        placeholder="what was changed"
        value={text}
        most={60}
        onValue={(next) => put({ text: next })}
        className="w-48"
      />
      <Select
        label="By whom"
        value={account}
        choices={[
          { value: '', name: 'by everybody' },
          ...people.map((value) => ({ value, name: `by ${accountInWords(value)}` })),
        ]}
        onChoose={(value) => put({ account: value })}
      />
      <Select
        label="Where"
        value={area ?? ''}
        choices={[
          { value: '', name: 'everywhere' },
          ...areas.map((value) => ({ value, name: AREA_NAMES[value].name })),
        ]}
        onChoose={(value) => put({ area: AREAS.find((one) => one === value) })}
      />
    </div>
  )
}

/** Who it was: a person by their account, a token by what it is. */
const byInWords = (by: string): string => (by.startsWith('token:') ? 'a token' : accountInWords(by))

function ChangeLine({ change }: { readonly change: Change }) {
  const { at, by, what, name, before, after, restorable } = change
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
      {restorable && <UndoButton change={change} />}
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
