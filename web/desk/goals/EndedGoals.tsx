import { useInfiniteQuery } from '@tanstack/react-query'
import { useDeferredValue, useState } from 'react'
import { digits } from '#core/currency'
import type { GoalSettings } from '#core/goals'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import type { Column } from '../../parts/table/column.ts'
import { dayText } from '../../parts/time.ts'
import { ENDED_PAGE, EndedPanel } from '../EndedPanel.tsx'
import { type DeskGoal, GOAL_STATES } from './view.ts'

const GiversDialog = lazily(async () => (await import('./GiversDialog.tsx')).GiversDialog)

function useEnded(text: string) {
  const asked = text.trim() || undefined
  return useInfiniteQuery({
    queryKey: keyOf('goals', 'ended', text),
    queryFn: ({ pageParam, signal }) =>
      answerOf(api.GET('/desk/goals/ended', { params: { query: { text: asked, before: pageParam } }, signal })),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: ({ goals }) => (goals.length < ENDED_PAGE ? undefined : goals.at(-1)?.id),
    placeholderData: (before) => before,
  })
}

/** The goals that have ended: reached or not, with who gave. */
export function EndedGoals({ again }: { again: (settings: GoalSettings) => void }) {
  const [text, setText] = useState('')
  const [seen, setSeen] = useState<DeskGoal>()
  const ended = useEnded(useDeferredValue(text))
  return (
    <>
      <EndedPanel
        many="goals"
        rows={ended.data?.pages.flatMap((page) => page.goals) ?? []}
        columns={columnsFor(again, setSeen)}
        asked={ended}
        search={{ text, setText, in: 'what was promised', example: 'What was promised' }}
        nothing="No goal has ended yet."
        noMatch="No goal matches."
      />
      {seen && <GiversDialog goal={seen} close={() => setSeen(undefined)} />}
    </>
  )
}

const columnsFor = (
  again: (settings: GoalSettings) => void,
  see: (goal: DeskGoal) => void,
): readonly Column<DeskGoal>[] => [
  ...COLUMNS,
  pressed('who', 'Who', see),
  pressed('again', 'Again', ({ settings }) => again(settings), 'act'),
]

/** A column of buttons. */
const pressed = (id: string, head: string, press: (goal: DeskGoal) => void, needs?: 'act'): Column<DeskGoal> => ({
  ...{ id, head, headHidden: true, width: 'w-24', end: true, card: 'aside' },
  cell: (goal) => (
    <Button needs={needs} look="quiet" aria-label={`${head}: “${goal.title}”`} onClick={() => press(goal)}>
      {head}
    </Button>
  ),
})

const COLUMNS: readonly Column<DeskGoal>[] = [
  { id: 'goal', head: 'Goal', card: 'title', cell: ({ title }) => title },
  {
    id: 'ended',
    head: 'Ended',
    width: 'w-32',
    card: 'figure',
    cell: ({ endedAt }) => <span className="tabular whitespace-nowrap">{dayText(endedAt ?? 0)}</span>,
  },
  { id: 'how', head: 'How', width: 'w-28', cell: ({ status }) => GOAL_STATES[status] },
  { id: 'paid', head: 'Chipped in', width: 'w-28', end: true, card: 'figure', cell: ({ paid }) => digits(paid) },
]
