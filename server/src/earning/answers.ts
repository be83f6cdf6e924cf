import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { EarningPlan } from '#core/earning'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'

export const DeskGap = exactly({
  id: Id,
  from: UnixSeconds,
  until: UnixSeconds,
  people: Count,
  status: oneOf(['paid', 'open', 'undone', 'dismissed']),
  endedAt: orNull(UnixSeconds),
})

export const DeskGapsAnswer = exactly({ gaps: Type.Array(DeskGap) })

export const GapPaid = exactly({ people: Count, total: Count, seconds: Type.Optional(Count) })

export const DeskGapsEndAnswer = Type.Union([
  exactly({ people: Count, total: Count }),
  exactly({ people: Count, owed: Type.Number() }),
])

export const PlanDraft = exactly({
  plan: orNull(EarningPlan),
  nextShow: Type.Boolean(),
  by: Type.String(),
  at: UnixSeconds,
})

export const DeskEarningAnswer = exactly({
  plan: EarningPlan,
  draft: PlanDraft,
  currency: Currency,
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  zone: Type.String(),
  week: exactly({ shows: Type.Number(), seconds: Count, usual: Type.Boolean() }),
})

export const DeskPlan = exactly({ id: Id, at: UnixSeconds, by: Type.String(), plan: EarningPlan })

export const DeskEarningHistoryAnswer = exactly({ plans: Type.Array(DeskPlan) })
