import { isZone, readSetting, writeSetting, zoneSetting } from '../settings/index.ts'
import { type Handler, ok, refuse } from '../world/index.ts'
import { scheduleAllowance } from './allowance.ts'
import { earningSetting } from './plan.ts'

export interface ChangeZone {
  readonly kind: 'channel.zone'
  readonly timeZone: string
}

/** Sets the channel's time zone; the weekly allowance follows. */
export const changeZone = {
  decide(world, { timeZone }) {
    if (!isZone(timeZone))
      return refuse('zone_unknown', `There is no time zone "${timeZone.slice(0, 60)}". Choose one like Europe/Berlin.`)
    writeSetting(world, zoneSetting, { timeZone })
    scheduleAllowance(world, readSetting(world, earningSetting))
    world.fact('earning.changed', 'desk', { timeZone })
    return ok({ timeZone })
  },
} satisfies Handler<ChangeZone>
