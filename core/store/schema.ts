import { type Static, Type } from '@sinclair/typebox'
import { PICTURES, SOUNDS } from '../screen/index.ts'

/**
 * What the streamer sets of a reward. `delivery` "hand": the order waits on the bench until somebody has done it;
 * "itself": done as soon as it is bought. `ask` is what the buyer must tell, or null.
 */
export const RewardSettings = Type.Object(
  {
    word: Type.String({ pattern: '^[a-z0-9-]{1,30}$' }),
    name: Type.String({ minLength: 1, maxLength: 60 }),
    description: Type.String({ maxLength: 300 }),
    price: Type.Integer({ minimum: 1, maximum: 1_000_000_000 }),
    delivery: Type.Union([Type.Literal('hand'), Type.Literal('itself')]),
    ask: Type.Union([Type.String({ minLength: 1, maxLength: 100 }), Type.Null()]),
    picture: Type.Union(PICTURES.map((name) => Type.Literal(name))),
    sound: Type.Union(SOUNDS.map((name) => Type.Literal(name))),
    alertTitle: Type.String({ maxLength: 200 }),
    alertLine: Type.String({ maxLength: 200 }),
    open: Type.Boolean(),
  },
  { additionalProperties: false },
)
export type RewardSettings = Static<typeof RewardSettings>
