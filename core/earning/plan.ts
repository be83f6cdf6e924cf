import { exactly, orNull, UnixSeconds } from '../schema.ts'
import { setting } from '../settings/index.ts'
import { EarningPlan } from './schema.ts'
import type { SupportPlan } from './supportPlan.ts'

/** Support that pays nothing. */
export const NO_SUPPORT: SupportPlan = {
  follow: 0,
  subscription: [0, 0, 0],
  gift: 0,
  giftReceived: 0,
  raid: { fixed: 0, perViewer: 0, followersOnly: false },
  tip: 0,
  cheer: 0,
  thanks: {},
}

/** What holds until the streamer has a plan of their own. */
const FIRST_PLAN: EarningPlan = {
  intervalSeconds: 300,
  base: 10,
  cap: null,
  offAir: { intervalSeconds: 900, base: 0 },
  standings: {},
  active: { plus: 0, withinSeconds: 600 },
  chat: { amount: 0, everySeconds: 60, commands: false, offAir: false },
  support: NO_SUPPORT,
  checkIn: { amount: 0, streakPlus: 0, streakMost: 0, missedAllowed: true },
  allowance: { amount: 0, weekday: 1, hour: 18, to: [] },
  welcome: 0,
  newcomerWaitSeconds: 0,
}

export const earningSetting = setting('earning', 'earning plan', EarningPlan, FIRST_PLAN, {
  // Nobody is paid by a plan that the streamer never made.
  off: () => ({ ...FIRST_PLAN, base: 0 }),
})

/** Since when time off air is paid; null: it is not, or all of it has been paid. */
export const offAirSetting = setting('offAir', 'time off air', exactly({ since: orNull(UnixSeconds) }), { since: null })
