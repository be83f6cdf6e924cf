import { Type } from '@sinclair/typebox'
import { exactly } from '../schema.ts'
import { readSetting, setting, writeSetting } from '../settings/index.ts'
import { type Handler, ok } from '../world/index.ts'

/** Whether alerts wait; those that come meanwhile are played afterwards. */
export const alertsSetting = setting('alerts', 'pause of the alerts', exactly({ paused: Type.Boolean() }), {
  paused: false,
})

export interface ControlAlerts {
  readonly kind: 'screen.control'
  /** `skip`: on with the next one; `clear`: that one and all that wait are gone; `pause`, `resume`. */
  readonly what: 'skip' | 'clear' | 'pause' | 'resume'
}

/** Skips, clears, pauses or goes on with the alerts of every overlay. */
export const controlAlerts = {
  decide(world, { what }) {
    if (what === 'pause' || what === 'resume') writeSetting(world, alertsSetting, { paused: what === 'pause' })
    const { paused } = readSetting(world, alertsSetting)
    world.fact('screen.control', 'overlay', { what, paused })
    return ok({ paused })
  },
} satisfies Handler<ControlAlerts>
