import { type Currency, currencySetting } from '../currency/index.ts'
import { type EarningPlan, earningSetting } from '../earning/index.ts'
import { writeSetting } from '../settings/index.ts'
import { type Handler, ok } from '../world/index.ts'

export interface SetUpChannel {
  readonly kind: 'channel.setUp'
  readonly currency: Currency
  readonly plan: EarningPlan
}

/** Gives a new channel its currency and its earning plan. */
export const setUpChannel: Handler<SetUpChannel> = {
  decide(world, intent) {
    writeSetting(world, currencySetting, intent.currency)
    writeSetting(world, earningSetting, intent.plan)
    world.fact('channel.setUp', 'desk', { currency: intent.currency })
    return ok({})
  },
}
