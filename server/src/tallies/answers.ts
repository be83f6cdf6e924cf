import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, orNull, UnixSeconds } from '#core/schema'

export const DeskCount = exactly({ viewer: Id, name: Type.String(), total: Count, show: Id })

export const DeskTalliesCountsAnswer = exactly({ counts: Type.Array(DeskCount) })

export const TallyRow = exactly({
  id: Id,
  goneAt: orNull(UnixSeconds),
  key: Type.String(),
  one: Type.String(),
  many: Type.String(),
  name: Type.String(),
  ceiling: orNull(Type.Number()),
  passing: Type.Boolean(),
})
