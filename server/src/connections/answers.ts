import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, orNull, UnixSeconds, ViewerId } from '#core/schema'
import { ChatState } from '../chat/index.ts'
import { SecretHead } from '../events/index.ts'

export const WaitingTip = exactly({
  hasRate: Type.Boolean(),
  id: Id,
  at: UnixSeconds,
  viewer: ViewerId,
  name: Type.String(),
  minorUnits: Count,
  currency: Type.String(),
})

export const LoggedEvent = exactly({
  id: Id,
  at: UnixSeconds,
  happenedAt: UnixSeconds,
  source: Type.String(),
  type: Type.String(),
  name: orNull(Type.String()),
  body: Type.Record(Type.String(), Type.Unknown()),
  outcome: Type.String(),
})

export const RefusedDelivery = exactly({
  id: Id,
  at: UnixSeconds,
  code: Type.String(),
  sentence: Type.String(),
  times: Count,
})

export const Connections = exactly({
  chat: ChatState,
  eventsAddress: Type.String(),
  secrets: Type.Array(SecretHead),
  tips: Type.Array(WaitingTip),
  events: Type.Array(LoggedEvent),
  refusals: Type.Array(RefusedDelivery),
})

export const EventTaken = Type.Union([
  exactly({ event: Id, outcome: Type.String() }),
  exactly({ events: Type.Array(exactly({ event: Id, outcome: Type.String() })) }),
])
