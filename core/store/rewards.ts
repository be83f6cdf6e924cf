import { type Static, Type } from '@sinclair/typebox'
import { PICTURES, SOUNDS } from '../screen/index.ts'
import { defineTable, type Handler, ok, type World } from '../world/index.ts'

/** The most letters a buyer's text may have. */
export const MAX_TEXT = 200

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

export interface RewardRow extends RewardSettings {
  readonly id: number
}

export const rewards = defineTable<RewardRow>('reward', 'whole', (row) => row.id, ['word'])

export interface AddReward {
  readonly kind: 'store.add'
  readonly reward: RewardSettings
}

export const addReward: Handler<AddReward> = {
  decide(world, intent) {
    const reward = world.put(rewards, { id: world.nextId(), ...intent.reward })
    world.fact('store.changed', 'everyone', { reward: reward.id })
    return ok({ reward: reward.id })
  },
}

/** The words that can be bought now, cheapest first. */
export const openWords = (world: World): string[] =>
  world
    .all(rewards)
    .filter((reward) => reward.open)
    .sort((a, b) => a.price - b.price)
    .map((reward) => reward.word)
