import { Type } from '@sinclair/typebox'
import { exactly, Id } from '#core/schema'

export const WhoNames = exactly({
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  ranks: Type.Array(exactly({ id: Id, name: Type.String() })),
  people: Type.Record(Type.String(), Type.String()),
})
