import { useState } from 'react'
import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { GoalBar } from '../../parts/goals/GoalBar.tsx'
import { lazily } from '../../parts/lazily.tsx'
import { dayText } from '../../parts/time.ts'
import { type DeskGoal, GOAL_STATES, useGoalAction } from './view.ts'

const EndGoal = lazily(async () => (await import('./EndGoal.tsx')).EndGoal)
const GiversDialog = lazily(async () => (await import('./GiversDialog.tsx')).GiversDialog)

/** A goal that is open or planned: how far it has come, who gave last, and what can be done with it. */
export function GoalCard({ goal, change }: { goal: DeskGoal; change: () => void }) {
  const { title, status, people, lastName, lastAmount, endsAt, settings } = goal
  const parts = [
    GOAL_STATES[status],
    ...(status === 'planned' && settings.follows ? ['opens once another is reached'] : []),
    ...(people > 0 ? [`${digits(people)} ${people === 1 ? 'person' : 'people'}`] : []),
    ...(lastName !== '' ? [`last ${lastName}, ${digits(lastAmount)}`] : []),
    ...(endsAt !== null ? [`ends ${dayText(endsAt)}`] : []),
  ]
  return (
    <li className="flex flex-col gap-3 rounded-md border border-line bg-panel px-4 py-3">
      <div>
        <p className="break-words">
          <strong>{title}</strong> <code className="text-muted">{goal.word}</code>
        </p>
        <p className="tabular text-muted">{parts.join(' · ')}</p>
      </div>
      <GoalBar paid={goal.paid} target={goal.target} milestones={goal.milestones} />
      {status !== 'returning' && <GoalActions goal={goal} change={change} />}
    </li>
  )
}

function GoalActions({ goal, change }: { goal: DeskGoal; change: () => void }) {
  const [open, setOpen] = useState<'end' | 'callOff' | 'givers'>()
  const { title, status, people } = goal
  const quiet = (label: string, press: () => void) => (
    <Button needs="act" look="quiet" onClick={press} aria-label={`${label}: ${title}`}>
      {label}
    </Button>
  )
  return (
    <div className="flex flex-wrap gap-2">
      {status === 'planned' && <OpenButton goal={goal} />}
      {people > 0 && (
        <Button onClick={() => setOpen('givers')} aria-label={`Who chipped in: ${title}`}>
          Who chipped in
        </Button>
      )}
      {quiet('Change', change)}
      {status === 'open' && quiet('End', () => setOpen('end'))}
      {quiet('Call off', () => setOpen('callOff'))}
      {open === 'givers' && <GiversDialog goal={goal} close={() => setOpen(undefined)} />}
      {(open === 'end' || open === 'callOff') && <EndGoal goal={goal} does={open} close={() => setOpen(undefined)} />}
    </div>
  )
}

function OpenButton({ goal: { id, title } }: { goal: DeskGoal }) {
  const action = useGoalAction()
  return (
    <Button
      needs="act"
      look="main"
      disabled={action.isPending}
      aria-label={`Open now: ${title}`}
      onClick={() =>
        action.mutate({
          send: () => api.POST('/desk/goals/{goal}/open', { params: { path: { goal: id } }, body: { why: '' } }),
          said: `“${title}” is open.`,
        })
      }
    >
      Open now
    </Button>
  )
}
