import { defineTable, type Handler, ok, type World } from '../world/index.ts'
import type { RewardSettings } from './schema.ts'

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
