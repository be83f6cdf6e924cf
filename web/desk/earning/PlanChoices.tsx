import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { inWords } from '#core/currency'
import { type EarningPlan, planDifference, STARTERS } from '#core/earning'
import { accountInWords } from '#core/people'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Empty, Panel } from '../../parts/page/Panel.tsx'
import { keyOf } from '../../parts/queryKey.ts'
import { same } from '../../parts/same.ts'
import { dayText } from '../../parts/time.ts'
import type { Earning } from './draft.ts'

interface ChoicesProps {
  readonly earning: Earning
  readonly draft: EarningPlan
  /** Takes a plan into the draft; nothing is live by it. */
  readonly take: (plan: EarningPlan) => void
}

/** Plans to start from. What the draft differs in from each is told, so that one can go into detail later. */
export function Starters({ earning, draft, take }: ChoicesProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1">
      <span className="mr-1 text-muted">Start from a plan for</span>
      {STARTERS.map(({ audience, plan }) => {
        const differs = planDifference(plan, draft, earning.circles).length
        const each = `${inWords(plan.base, earning.currency)} every ${plan.intervalSeconds / 60} min`
        return (
          <Button
            key={audience}
            disabled={differs === 0}
            title={`${each}; changes ${differs} settings`}
            onClick={() => take(plan)}
          >
            {audience}
            <span className="text-sm font-normal text-muted">
              {differs === 0 ? 'as in the form' : `changes ${differs} settings`}
            </span>
          </Button>
        )
      })}
      <span className="text-sm text-muted">This fills in the form. Nothing changes until you apply it.</span>
    </div>
  )
}

interface EarlierProps {
  readonly at: number
  readonly by: string
  readonly list: ReturnType<typeof planDifference>
  readonly children: ReactNode
}

const Earlier = ({ at, by, list, children }: EarlierProps) => (
  <div className="flex items-center gap-3 border-t border-line px-4 py-2 first:border-t-0">
    <p className="min-w-0 flex-1">
      {dayText(at)} <span className="text-muted">by {accountInWords(by)}</span>
      <span className="block truncate text-note text-muted">
        {list.length === 0 ? 'is live now' : list.map(({ what, after }) => `${what}: ${after}`).join('; ')}
      </span>
    </p>
    {children}
  </div>
)

/** Every plan that was applied, with what differs from the live one; any can be brought back into the draft. */
export function History({ earning, draft, take }: ChoicesProps) {
  const [shown, setShown] = useState(false)
  const history = useQuery({
    queryKey: keyOf('earning', 'history'),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/earning/history', { signal })),
    enabled: shown,
  })
  return (
    <Panel
      title="Earlier plans"
      aside={
        <Button look="quiet" aria-expanded={shown} onClick={() => setShown(!shown)}>
          {shown ? 'Hide' : 'Show'}
        </Button>
      }
    >
      {shown && history.isPending && <Loading what="the plans" />}
      {shown && history.isError && <Problem error={history.error} retry={() => void history.refetch()} />}
      {shown && history.data?.plans.length === 0 && <Empty>No plan has been applied yet.</Empty>}
      {shown &&
        history.data?.plans.map(({ id, at, by, plan }) => {
          const list = planDifference(earning.plan, plan, earning.circles)
          return (
            <Earlier key={id} {...{ at, by, list }}>
              {list.length > 0 && (
                <Button disabled={same(plan, draft)} onClick={() => take(plan)}>
                  Restore
                </Button>
              )}
            </Earlier>
          )
        })}
    </Panel>
  )
}
