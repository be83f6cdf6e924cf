import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'

export const SecurityEntry = exactly({
  id: Id,
  at: UnixSeconds,
  kind: oneOf(['desk', 'secret', 'refused', 'sign-in']),
  name: Type.String(),
  account: Type.String(),
  from: Type.String(),
  what: Type.String(),
  times: Count,
})

export const SecurityPage = exactly({ entries: Type.Array(SecurityEntry), before: orNull(Count) })
