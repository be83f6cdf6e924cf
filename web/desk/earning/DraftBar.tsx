import type { EarningPlan } from '#core/earning'
import { planDifference } from '#core/earning'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { useChange } from '../../parts/useChange.ts'
import type { Draft, Earning } from './draft.ts'

const SAVING = { saved: 'saved as a draft', saving: 'saving …', failed: 'not saved: the server does not answer' }

/** What can be done with a draft of the plan: it goes live now or later, or is dropped. */
function usePlanChange(draft: Draft, live: EarningPlan) {
  const apply = useChange({
    ask: () => answerOf(api.PUT('/desk/earning', { body: draft.plan, ...changedFrom(live) })),
    invalidates: ['earning'],
    said: 'The plan is live. Time watched so far was paid by the old plan.',
    inPlace: true,
  })
  const later = useChange({
    ask: (nextShow: boolean) => answerOf(api.PUT('/desk/earning/draft', { body: { plan: draft.plan, nextShow } })),
    invalidates: ['earning'],
    said: (_, nextShow) => (nextShow ? 'It goes live when the next show starts.' : 'It stays a draft.'),
    inPlace: true,
  })
  const drop = useChange({
    ask: () => answerOf(api.PUT('/desk/earning/draft', { body: { plan: null, nextShow: false } })),
    invalidates: ['earning'],
    onDone: () => {
      draft.replace(live)
    },
    inPlace: true,
  })
  return { apply, later, drop }
}

/** At the foot of the page while the draft differs from what is live: apply it now, at the next show, or drop it. */
export function DraftBar({ draft, earning }: { draft: Draft; earning: Earning }) {
  const { plan, circles } = earning
  const count = planDifference(plan, draft.plan, circles).length
  const wrong = Object.keys(draft.problems).length
  const { apply, later, drop } = usePlanChange(draft, plan)
  const waits = earning.draft.nextShow
  const fault = apply.error ?? later.error ?? drop.error
  return (
    <div className="sticky -bottom-5 z-10 -mx-5 -mb-5 flex flex-col gap-2 border-t border-line bg-panel px-5 py-3">
      {fault && <Problem error={fault} />}
      <div className="flex flex-wrap items-center gap-3">
        <p role="status" className="mr-auto">
          <span className="font-semibold text-brass-text">Not live yet</span>
          {': '}
          {wrong > 0
            ? `${wrong} ${wrong === 1 ? 'field needs' : 'fields need'} a correction first`
            : `${count} ${count === 1 ? 'change' : 'changes'}, ${SAVING[draft.saving]}`}
          {waits && '; waits for the next show'}
        </p>
        <Button look="quiet" onClick={() => drop.mutate()}>
          Discard changes
        </Button>
        <Button
          disabled={wrong > 0 || draft.conflict !== undefined || draft.saving === 'saving'}
          onClick={() => later.mutate(!waits)}
        >
          {waits ? 'Do not apply automatically' : 'Apply at the next show'}
        </Button>
        <Button
          look="main"
          disabled={wrong > 0 || draft.conflict !== undefined || apply.isPending}
          onClick={() => apply.mutate()}
        >
          Apply now
        </Button>
      </div>
    </div>
  )
}
