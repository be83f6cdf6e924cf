import { openRewards, type RewardRow } from '../store/index.ts'
import { oneSlipAway } from '../texts/index.ts'
import type { World } from '../world/index.ts'

const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((one) => one.length > 2)

/** How much of what was typed a reward is called: each word of its name that was typed, and its own word with one slip. */
function likeness({ settings }: RewardRow, typed: readonly string[], first: string): number {
  const named = new Set(wordsIn(`${settings.name} ${settings.word}`))
  const slip = oneSlipAway(first, settings.word) ? 2 : 0
  return slip + typed.filter((one) => named.has(one)).length
}

/**
 * The reward on sale that somebody may have meant, by its name or with one slip; undefined: none is like it, or several are.
 * One that a secret word opens is never offered.
 */
export function nearReward(world: World, text: string): RewardRow | undefined {
  const typed = wordsIn(text)
  const first = text.trim().toLowerCase().split(/\s+/u)[0] ?? ''
  const found = openRewards(world)
    .filter(({ settings }) => settings.on && settings.secret === '')
    .map((reward) => ({ reward, like: likeness(reward, typed, first) }))
    .filter(({ like }) => like > 0)
    .sort((a, b) => b.like - a.like)
  const [best, next] = found
  return best === undefined || next?.like === best.like ? undefined : best.reward
}
