import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'

export const DeskEntry = exactly({
  id: Id,
  at: UnixSeconds,
  kind: oneOf(['desk', 'secret', 'refused', 'sign-in']),
  name: Type.String(),
  account: Type.String(),
  from: Type.String(),
  what: Type.String(),
  times: Count,
})

export const DeskSecurityAnswer = exactly({ entries: Type.Array(DeskEntry), before: orNull(Type.Number()) })
