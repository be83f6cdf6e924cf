import { readSetting, writeSetting } from '../settings/index.ts'
import { setTick, showOnAir } from '../show/index.ts'
import { type Handler, ok, refuse } from '../world/index.ts'
import { nextTick } from './payments.ts'
import { earningSetting } from './plan.ts'
import type { EarningPlan } from './schema.ts'

export interface ChangePlan {
  readonly kind: 'earning.change'
  readonly plan: EarningPlan
  readonly by: string
}

/** Applies a plan from now on. The sender has paid everyone up to now by the old plan first. */
export const changePlan: Handler<ChangePlan> = {
  decide(world, intent) {
    const { plan } = intent
    if (plan.cap !== null && plan.base > plan.cap) {
      const sentence = `One payment of ${plan.base} would already pass the most one can hold, ${plan.cap}. Raise the limit or lower the payment.`
      return refuse('earning_plan_invalid', sentence)
    }
    const before = readSetting(world, earningSetting)
    writeSetting(world, earningSetting, plan)
    const show = showOnAir(world)
    if (show !== undefined && before.intervalSeconds !== plan.intervalSeconds) {
      const at = nextTick(show.startedAt, plan.intervalSeconds, world.at)
      setTick(world, show, at)
    }
    world.fact('earning.changed', 'everyone', { before, after: plan, by: intent.by })
    return ok({ plan })
  },
}
