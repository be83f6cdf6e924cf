import { durationInWords } from '../currency/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Seconds } from '../schema.ts'
import { checkEconomy, readSetting } from '../settings/index.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { payFor } from './payFor.ts'
import { earningSetting } from './plan.ts'

/** Pays somebody for their first visit. To be called once, when their acquaintance is made in the room. */
export function welcome(world: World, viewer: ViewerRow): number {
  const { welcome: amount } = readSetting(world, earningSetting)
  return payFor(world, viewer, amount, { reason: 'welcomed', detail: { pays: amount } })
}

/** Whether somebody can spend: the economy is on, and they have been known for long enough. */
export function maySpend(world: World, viewer: ViewerRow): Result<true> {
  const economy = checkEconomy(world)
  return economy.ok ? mayTakePart(world, viewer) : economy
}

/** Whether somebody has been known for long enough to spend and to enter raffles; moderators have always been. */
export function mayTakePart(world: World, viewer: ViewerRow): Result<true> {
  const { newcomerWaitSeconds } = readSetting(world, earningSetting)
  const left = viewer.firstSeenAt + newcomerWaitSeconds - world.at
  if (newcomerWaitSeconds === 0 || left <= 0 || viewer.moderator) return ok(true)
  const sentence = `Newcomers can spend after ${durationInWords(newcomerWaitSeconds)}. For you that is in ${durationInWords(roundUp(left))}.`
  return refuse('newcomer_waits', sentence, { seconds: left })
}

/** Never "in 0 s": to the whole minute above, where it is more than one. */
const roundUp = (seconds: Seconds): number => (seconds > 60 ? Math.ceil(seconds / 60) * 60 : seconds)
