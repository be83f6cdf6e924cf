import { Type } from '@sinclair/typebox'
import { exactly, Id, orNull, UnixSeconds } from '#core/schema'

const Content = orNull(Type.Record(Type.String(), Type.Unknown()))

/** `of`, `what`: of what kind it is, for programs and in words; `restorable`: whether it can be set back from here. */
export const Change = exactly({
  id: Id,
  at: UnixSeconds,
  by: Type.String(),
  of: Type.String(),
  what: Type.String(),
  name: Type.String(),
  before: Content,
  after: Content,
  restorable: Type.Boolean(),
})

export const ChangeLog = exactly({ changes: Type.Array(Change), before: orNull(Id) })
