import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { EarningPlan } from '#core/earning'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'

export const Gap = exactly({
  id: Id,
  from: UnixSeconds,
  until: UnixSeconds,
  people: Count,
  status: oneOf(['paid', 'open', 'undone', 'dismissed']),
  endedAt: orNull(UnixSeconds),
})

export const Gaps = exactly({ gaps: Type.Array(Gap) })

export const GapPaid = exactly({ people: Count, total: Count, seconds: Type.Optional(Count) })

export const GapEnded = Type.Union([exactly({ people: Count, total: Count }), exactly({ people: Count, owed: Count })])

export const PlanDraft = exactly({
  plan: orNull(EarningPlan),
  nextShow: Type.Boolean(),
  by: Type.String(),
  at: UnixSeconds,
})

export const Earning = exactly({
  plan: EarningPlan,
  draft: PlanDraft,
  currency: Currency,
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  zone: Type.String(),
  week: exactly({ shows: Count, seconds: Count, usual: Type.Boolean() }),
})

export const AppliedPlan = exactly({ id: Id, at: UnixSeconds, by: Type.String(), plan: EarningPlan })

export const AppliedPlans = exactly({ plans: Type.Array(AppliedPlan) })

/** How long somebody watches for an amount, by how they are paid; `seconds` null: they never have it. */
export const InWatching = exactly({ name: Type.String(), seconds: orNull(Count) })
