import { Type } from '@sinclair/typebox'
import { Amount, exactly, Id, orNull, TriggerId, UnixSeconds, ViewerId } from '#core/schema'
import { Refusal } from '../http/index.ts'

export const TriggerRun = exactly({
  run: Type.Optional(Id),
  outcome: Type.Optional(Type.String()),
  refusal: Type.Optional(Refusal),
  redemption: Type.Optional(Id),
})

export const WaitingRedemption = exactly({
  id: Id,
  rewardName: Type.String(),
  viewer: ViewerId,
  viewerName: Type.String(),
  text: orNull(Type.String()),
  at: UnixSeconds,
  trigger: TriggerId,
})

export const Redemptions = exactly({ redemptions: Type.Array(WaitingRedemption) })

export const OutsideReward = exactly({
  id: Type.String(),
  name: Type.String(),
  price: orNull(Amount),
  seenAt: UnixSeconds,
  listed: Type.Boolean(),
  text: Type.String(),
  asks: Type.Boolean(),
  paused: Type.Boolean(),
  changeable: Type.Boolean(),
})
