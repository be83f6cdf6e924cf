import { useInfiniteQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { digits } from '#core/currency'
import type { Answer } from '../../parts/api/called.ts'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { TextInput } from '../../parts/form/inputs.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { dayText } from '../../parts/time.ts'
import type { DeskGoal } from './view.ts'

const PAGE = 100

type Giver = Answer<'/desk/goals/{goal}/givers'>['givers'][number]

function useGivers(goal: number, text: string) {
  return useInfiniteQuery({
    queryKey: keyOf('goals', 'givers', goal, text),
    queryFn: ({ pageParam, signal }) =>
      answerOf(
        api.GET('/desk/goals/{goal}/givers', {
          params: { path: { goal }, query: { text: text.trim() || undefined, from: pageParam } },
          signal,
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: ({ givers }, pages) => (givers.length < PAGE ? undefined : pages.length * PAGE),
    placeholderData: (before) => before,
  })
}

/** Who has chipped in for a goal, the most first. */
export function GiversDialog({ goal, close }: { goal: DeskGoal; close: () => void }) {
  const [text, setText] = useState('')
  const found = useGivers(goal.id, useDeferredValue(text))
  const givers = found.data?.pages.flatMap((page) => page.givers) ?? []
  return (
    <FormDialog title={`Who chipped in: ${goal.title}`} close={close} wide>
      <div className="flex flex-col gap-3">
        <TextInput aria-label="Search for a name" placeholder="A name" most={60} value={text} onValue={setText} />
        {found.data && givers.length === 0 && <p className="text-muted">Nobody who chipped in is called that.</p>}
        {givers.length > 0 && (
          <DataTable label="Who chipped in" rows={givers} columns={COLUMNS} keyOf={({ viewer }) => viewer} />
        )}
        {found.hasNextPage && (
          <Button disabled={found.isFetchingNextPage} onClick={() => void found.fetchNextPage()}>
            Show more
          </Button>
        )}
        <div className="flex justify-end">
          <Button onClick={close}>Close</Button>
        </div>
      </div>
    </FormDialog>
  )
}

const COLUMNS: readonly Column<Giver>[] = [
  { id: 'name', head: 'Name', card: 'title', cell: ({ name }) => name },
  {
    id: 'at',
    head: 'Last',
    width: 'w-32',
    cell: ({ at }) => <span className="tabular whitespace-nowrap">{dayText(at)}</span>,
  },
  { id: 'paid', head: 'Gave', width: 'w-24', end: true, card: 'figure', cell: ({ paid }) => digits(paid) },
]
