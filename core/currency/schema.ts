import { type Static, Type } from '@sinclair/typebox'

/** The currency's words. `word` is what is typed in chat after the "!" to ask for one's balance. */
export const Currency = Type.Object(
  {
    one: Type.String({ minLength: 1, maxLength: 30 }),
    many: Type.String({ minLength: 1, maxLength: 30 }),
    word: Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,30}$' }),
  },
  { additionalProperties: false },
)
export type Currency = Static<typeof Currency>
