import { digits } from '#core/currency'
import { api } from '../../parts/api.ts'
import { ReasonDialog } from '../raffles/ReasonDialog.tsx'
import { useStatus } from '../status.ts'
import { type DeskGoal, useGoalAction } from './view.ts'

interface EndGoalProps {
  readonly goal: DeskGoal
  /** `end`: as its date would, with the money as was promised. `callOff`: everybody is refunded. */
  readonly does: 'end' | 'callOff'
  readonly close: () => void
}

/** Ends a goal before it is reached, or calls it off, with a reason that everybody can read. */
export function EndGoal({ goal, does, close }: EndGoalProps) {
  const action = useGoalAction({ inPlace: true })
  const { currency } = useStatus()
  const refunds = does === 'callOff' || goal.unreached === 'refund'
  const params = { path: { goal: goal.id } }
  const go = (why: string) =>
    action.mutate(
      {
        send: () =>
          does === 'end'
            ? api.POST('/desk/goals/{goal}/end', { params, body: { why } })
            : api.POST('/desk/goals/{goal}/call-off', { params, body: { why } }),
        said: does === 'end' ? 'Ended.' : 'Called off.',
      },
      { onSuccess: close },
    )
  const money = `${digits(goal.paid)} ${currency.many}`
  return (
    <ReasonDialog
      title={does === 'end' ? `End “${goal.title}”` : `Call “${goal.title}” off`}
      does={does === 'end' ? 'End it' : 'Call it off'}
      leave="Keep it open"
      optional
      close={close}
      go={go}
      change={action}
    >
      <p>
        {goal.paid === 0
          ? 'Nobody has chipped in. Chat is told.'
          : refunds
            ? `All ${money} go back to who gave them, and chat is told.`
            : `All ${money} are spent, as was promised, and chat is told.`}
      </p>
    </ReasonDialog>
  )
}
