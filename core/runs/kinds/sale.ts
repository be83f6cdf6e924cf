import { putOnSale, rewardOf } from '../../store/index.ts'
import { ok, refuse } from '../../world/index.ts'
import type { StepRule } from '../rule.ts'

/** Puts a reward on sale, or takes it off. */
export const sale: StepRule<'sale'> = {
  faults: ({ reward }, { rewards }) => (rewards.some(({ id }) => id === reward) ? [] : ['Choose a reward.']),
  act({ world }, { how, reward: id }) {
    const reward = rewardOf(world, id)
    if (reward === undefined) return refuse('reward_not_found', 'The reward it is about was removed.')
    putOnSale(world, [reward], how === 'on')
    return ok(`${reward.settings.name} is ${how === 'on' ? 'on sale' : 'off sale'}.`)
  },
}
