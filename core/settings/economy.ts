import { Type } from '@sinclair/typebox'
import { exactly } from '../schema.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { readSetting, setting, writeSetting } from './settings.ts'

/** The one switch of the whole economy: off, nothing is earned or spent, and everything else goes on. */
export const economySetting = setting('economy', 'switch of earning and spending', exactly({ on: Type.Boolean() }), {
  on: true,
})

export const ECONOMY_OFF = 'Earning and spending are switched off for now. What everybody has is kept.'

/** Refuses while nothing is earned or spent. What is owed from before (prizes, winnings, refunds) is paid all the same. */
export const checkEconomy = (world: World): Result<true> =>
  readSetting(world, economySetting).on ? ok(true) : refuse('economy_off', ECONOMY_OFF)

export interface SwitchEconomy {
  readonly kind: 'economy.switch'
  readonly on: boolean
}

/** Switches earning and spending on or off. What was watched before is to be paid first: afterwards it is not. */
export const switchEconomy = {
  decide(world, { on }) {
    writeSetting(world, economySetting, { on })
    world.fact('economy.switched', 'everyone', { on })
    return ok({ on })
  },
} satisfies Handler<SwitchEconomy>
