import { type Currency, currencySetting } from '../currency/index.ts'
import { type EarningPlan, earningSetting } from '../earning/index.ts'
import { writeSetting, zoneSetting } from '../settings/index.ts'
import { type Handler, ok } from '../world/index.ts'

export interface SetUpChannel {
  readonly kind: 'channel.setUp'
  readonly currency: Currency
  /** What is left out is as it is before anything is set. */
  readonly plan: Partial<EarningPlan>
  readonly timeZone?: string
}

/** Gives a new channel its currency and its earning plan. */
export const setUpChannel = {
  decide(world, intent) {
    writeSetting(world, currencySetting, { icon: 'coin', ...intent.currency })
    writeSetting(world, earningSetting, { ...earningSetting.initial, ...intent.plan })
    if (intent.timeZone !== undefined) writeSetting(world, zoneSetting, { timeZone: intent.timeZone })
    world.fact('channel.setUp', 'desk', { currency: intent.currency })
    return ok({})
  },
} satisfies Handler<SetUpChannel>
