import { firstFault } from '../faults.ts'
import { openCircles } from '../people/index.ts'
import { aroundIn, checkSteps, faultInWords } from '../runs/index.ts'
import type { RewardId } from '../schema.ts'
import { checkAlert, checkRef } from '../screen/index.ts'
import { openRewards, type RewardSettings, rewardFaults, rewards, savedRewards } from '../store/index.ts'
import { openTallies } from '../tallies/index.ts'
import { checkListeners, type Listener, otherListeners } from '../words/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'

export interface SaveReward {
  readonly kind: 'store.save'
  /** Null: a new one. */
  readonly reward: RewardId | null
  readonly settings: RewardSettings
}

/** Makes or changes a reward. What is answered is what is live from that moment. */
export const saveReward = {
  decide(world, { reward: id, settings }) {
    const before = savedRewards.before(world, id)
    if (!before.ok) return before
    const tidy = { ...settings, name: settings.name.trim(), group: settings.group.trim() }
    const checked = checkReward(world, id, tidy)
    if (!checked.ok) return checked
    const place = before.value?.place ?? (openRewards(world).at(-1)?.place ?? -1) + 1
    const row = world.put(rewards, { id: id ?? world.nextId(), word: tidy.word, settings: tidy, place, goneAt: null })
    world.fact('store.changed', 'everyone', { reward: row.id })
    return ok({ reward: row.id, settings: row.settings })
  },
} satisfies Handler<SaveReward>

/** Whether a reward's words, limits, alert and steps can be. The refusal says what to change. */
function checkReward(world: World, id: number | null, settings: RewardSettings): Result<true> {
  const words = checkRewardWord(openRewards(world), otherListeners(world, { reward: id }), id, settings)
  if (!words.ok) return words
  const wrong = firstFault(rewardFaults(settings))
  if (wrong !== undefined) return refuse('reward_invalid', wrong)
  const { alert, picture, perk } = settings
  for (const one of [checkAlert(world, alert), checkRef(world, picture)]) if (!one.ok) return one
  if (perk !== null && perk.circle !== null && !openCircles(world).some((circle) => circle.id === perk.circle))
    return refuse('reward_invalid', 'The circle it opens was removed. Choose another one.')
  const { tally } = settings
  if (tally !== null && !openTallies(world).some(({ id }) => id === tally.tally))
    return refuse('reward_invalid', 'The tally it costs was removed. Choose another one.')
  const around = aroundIn(world, { arguments: [], figures: {}, viewer: true, order: true, selfReward: id ?? undefined })
  const fault = checkSteps(settings.steps, around).find(({ hint }) => !hint)
  return fault === undefined ? ok(true) : refuse('reward_invalid', faultInWords(fault))
}

/** Whether a reward's word is told apart from other rewards', and from all that listens in chat where it is a word of its own. */
export function checkRewardWord(
  all: readonly { readonly id: number; readonly settings: Pick<RewardSettings, 'word' | 'name'> }[],
  others: readonly Listener[],
  id: number | null,
  { word, command, name }: Pick<RewardSettings, 'word' | 'command' | 'name'>,
): Result<true> {
  const same = all.find((one) => one.id !== id && one.settings.word === word)
  if (same !== undefined)
    return refuse('words_overlap', `"${word}" already buys “${same.settings.name}”. Choose another word.`)
  return command ? checkListeners([...others, { words: [word], name: `the reward “${name}”` }]) : ok(true)
}
