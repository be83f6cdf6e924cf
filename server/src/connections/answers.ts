import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, orNull, UnixSeconds } from '#core/schema'
import { ChatState } from '../chat/index.ts'
import { SecretHead } from '../events/index.ts'

export const DeskTip = exactly({
  hasRate: Type.Boolean(),
  id: Id,
  at: UnixSeconds,
  viewer: Id,
  name: Type.String(),
  minorUnits: Type.Number(),
  currency: Type.String(),
})

export const DeskEvent = exactly({
  id: Id,
  at: UnixSeconds,
  happenedAt: UnixSeconds,
  source: Type.String(),
  type: Type.String(),
  name: orNull(Type.String()),
  body: Type.Record(Type.String(), Type.Unknown()),
  outcome: Type.String(),
})

export const DeskRefusal = exactly({
  id: Id,
  at: UnixSeconds,
  code: Type.String(),
  sentence: Type.String(),
  times: Count,
})

export const DeskConnectionsAnswer = exactly({
  chat: ChatState,
  eventsAddress: Type.String(),
  secrets: Type.Array(SecretHead),
  tips: Type.Array(DeskTip),
  events: Type.Array(DeskEvent),
  refusals: Type.Array(DeskRefusal),
})

export const DeskConnectionsEventTestAnswer = Type.Union([
  exactly({ event: Id, outcome: Type.String() }),
  exactly({ events: Type.Array(exactly({ event: Id, outcome: Type.String() })) }),
])
