import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, orNull, UnixSeconds, ViewerId } from '#core/schema'

export const TallyCount = exactly({ viewer: ViewerId, name: Type.String(), total: Count, show: Count })

export const TallyCounts = exactly({ counts: Type.Array(TallyCount) })

export const TallyRow = exactly({
  id: Id,
  goneAt: orNull(UnixSeconds),
  key: Type.String(),
  one: Type.String(),
  many: Type.String(),
  name: Type.String(),
  ceiling: orNull(Count),
  passing: Type.Boolean(),
})
