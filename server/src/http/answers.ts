import { Type } from '@sinclair/typebox'
import { exactly } from '#core/schema'

export const Refusal = exactly({
  code: Type.String(),
  sentence: Type.String(),
  data: Type.Optional(Type.Record(Type.String(), Type.Union([Type.String(), Type.Number()]))),
})
