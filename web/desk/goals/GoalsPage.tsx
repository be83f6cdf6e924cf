import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { GoalSettings } from '#core/goals'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { PageActions } from '../../parts/page/PageHead.tsx'
import { EndedGoals } from './EndedGoals.tsx'
import { GoalCard } from './GoalCard.tsx'
import { type DeskGoal, goalsQuery } from './view.ts'

const GoalPanel = lazily(async () => (await import('./GoalPanel.tsx')).GoalPanel)
const GoalWordsDialog = lazily(async () => (await import('./GoalWordsDialog.tsx')).GoalWordsDialog)

/** What the form is opened with. */
interface Form {
  readonly goal: DeskGoal | undefined
  /** Settings of one that ended, for one more like it. */
  readonly like?: GoalSettings
}

/** All goals: those that people chip in for, those that are planned, and those that have ended. */
export function GoalsPage() {
  const view = useQuery(goalsQuery)
  const [form, setForm] = useState<Form>()
  const [words, setWords] = useState(false)
  return (
    <div className="flex max-w-5xl flex-col gap-5">
      <PageActions>
        <Button needs="change" onClick={() => setWords(true)}>
          Words in chat
        </Button>
        <Button needs="act" look="main" onClick={() => setForm({ goal: undefined })}>
          Set up a goal
        </Button>
      </PageActions>
      {view.isPending && <Loading what="the goals" />}
      {view.isError && <Problem error={view.error} retry={() => void view.refetch()} />}
      {view.data?.running.length === 0 && (
        <p className="text-muted">
          No goal is open. Promise something, say what it takes, and everybody chips in with their{' '}
          {view.data.currency.many}.
        </p>
      )}
      <ul className="flex flex-col gap-3">
        {view.data?.running.map((goal) => (
          <GoalCard key={goal.id} goal={goal} change={() => setForm({ goal })} />
        ))}
      </ul>
      {view.data && <EndedGoals again={(like) => setForm({ goal: undefined, like })} />}
      {view.data && form && (
        <GoalPanel view={view.data} goal={form.goal} like={form.like} close={() => setForm(undefined)} />
      )}
      {view.data && words && <GoalWordsDialog words={view.data.words} close={() => setWords(false)} />}
    </div>
  )
}
