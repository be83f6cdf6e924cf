import { type Static, Type } from '@sinclair/typebox'
import { openCircles } from '../people/index.ts'
import type { UnixSeconds } from '../schema.ts'
import { Count, exactly, orNull } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { openShow, type ShowRow, setTick } from '../show/index.ts'
import { defineTable, type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { scheduleAllowance } from './allowance.ts'
import { earningSetting } from './plan.ts'
import { EarningPlan } from './schema.ts'
import { startOffAir } from './settleShow.ts'
import { nextTick } from './tick.ts'

/** A plan as it was applied; kept for good. */
export interface PlanRow {
  readonly id: number
  readonly at: UnixSeconds
  readonly by: string
  readonly plan: EarningPlan
}

export const plans = defineTable<PlanRow>('plan', 'append', (row) => row.id)

/** A plan in the making: kept as it is typed. `nextShow`: it is applied when the next show starts. */
const PlanDraft = exactly({ plan: orNull(EarningPlan), nextShow: Type.Boolean(), by: Type.String(), at: Count })
export type PlanDraft = Readonly<Static<typeof PlanDraft>>

const NO_DRAFT: PlanDraft = { plan: null, nextShow: false, by: '', at: 0 }
export const planDraftSetting = setting('earningDraft', 'draft of an earning plan', PlanDraft, NO_DRAFT)

export interface ChangePlan {
  readonly kind: 'earning.change'
  readonly plan: EarningPlan
  readonly by: string
}

/** Applies a plan from now on. The sender has paid everyone up to now by the old plan first. */
export const changePlan = {
  decide(world, intent) {
    const checked = checkPlan(world, intent.plan)
    if (!checked.ok) return checked
    applyPlan(world, intent.plan, intent.by)
    return ok({ plan: intent.plan })
  },
} satisfies Handler<ChangePlan>

export interface DraftPlan {
  readonly kind: 'earning.draft'
  /** Null: back to what is live. */
  readonly plan: EarningPlan | null
  readonly nextShow: boolean
  readonly by: string
}

/** Keeps a draft, or sets it to be applied when the next show starts. */
export const draftPlan = {
  decide(world, { plan, nextShow, by }) {
    const checked = plan === null ? ok(null) : checkPlan(world, plan)
    if (!checked.ok && nextShow) return checked
    writeSetting(world, planDraftSetting, { plan, nextShow: plan !== null && nextShow, by, at: world.at })
    world.fact('earning.drafted', 'desk', { by, nextShow })
    return ok({ nextShow })
  },
} satisfies Handler<DraftPlan>

/** What cannot be in a plan beyond what its schema says. */
export function checkPlan(world: World, plan: EarningPlan): Result<EarningPlan> {
  if (plan.cap !== null && plan.base > plan.cap) {
    const sentence = `One payment of ${plan.base} is above the balance cap of ${plan.cap}. Raise the cap or lower the payment.`
    return refuse('earning_plan_invalid', sentence)
  }
  const known = new Set(openCircles(world).map(({ id }) => `circle:${id}`))
  const named = [...Object.keys(plan.standings), ...plan.allowance.to]
  const gone = named.find((standing) => standing.startsWith('circle:') && !known.has(standing))
  if (gone !== undefined)
    return refuse(
      'earning_plan_invalid',
      'The plan names a circle that was removed. Remove it from the plan, or add the circle again.',
    )
  return ok(plan)
}

function applyPlan(world: World, plan: EarningPlan, by: string): void {
  const before = readSetting(world, earningSetting)
  writeSetting(world, earningSetting, plan)
  world.append(plans, { id: world.nextId(), at: world.at, by, plan })
  writeSetting(world, planDraftSetting, planDraftSetting.initial)
  const show = openShow(world)
  if (show?.status === 'on' && before.intervalSeconds !== plan.intervalSeconds)
    setTick(world, show.id, nextTick(show.startedAt, plan.intervalSeconds, world.at))
  if (show === undefined && before.offAir.base !== plan.offAir.base) startOffAir(world, world.at)
  scheduleAllowance(world, plan)
  world.fact('earning.changed', 'everyone', { by })
}

/** Applies the plan that waits for the next show, once that has started. */
export function applyPending(world: World, show: ShowRow): void {
  const draft = readSetting(world, planDraftSetting)
  if (draft.plan === null || !draft.nextShow || draft.at >= show.countsFrom) return
  if (checkPlan(world, draft.plan).ok) applyPlan(world, draft.plan, draft.by)
}
