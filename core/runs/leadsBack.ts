import type { CommandId, RewardId } from '../schema.ts'
import type { Step } from '../steps/index.ts'
import type { Around } from './around.ts'
import { listsOf } from './within.ts'

/** Where steps go on: those of a command, or of a reward that happens by itself. */
type Way = { readonly command: CommandId } | { readonly reward: RewardId }

const wayKey = (way: Way): string => ('command' in way ? `c${way.command}` : `r${way.reward}`)

/** Whether a way leads to what is being checked, or round in a circle. */
export function leadsBack(from: Way, around: Around, path: readonly string[] = []): boolean {
  const key = wayKey(from)
  if (path.includes(key)) return true
  if ('command' in from ? from.command === around.self : from.reward === around.selfReward) return true
  return waysIn(stepsAt(from, around)).some((next) => leadsBack(next, around, [...path, key]))
}

function stepsAt(way: Way, { commands, rewards }: Around): readonly Step[] {
  if ('command' in way) return commands.find(({ id }) => id === way.command)?.settings.steps ?? []
  const reward = rewards.find(({ id }) => id === way.reward)
  return reward?.kind === 'itself' ? reward.steps : []
}

const waysIn = (steps: readonly Step[]): Way[] =>
  steps.flatMap((step): Way[] => {
    if (step.do === 'call') return [{ command: step.command }]
    if (step.do === 'order') return [{ reward: step.reward }]
    return listsOf(step).flatMap(waysIn)
  })
