import { needList } from '../lists/index.ts'
import type { Step } from '../steps/index.ts'
import { needTally, openTallies } from '../tallies/index.ts'
import type { Need, World } from '../world/index.ts'
import type { About } from './about.ts'
import { listsIn, talliesIn, textsOf } from './mentions.ts'
import { ruleOf } from './rules.ts'

/** All that steps may need, on whichever way they go. To be asked again until nothing is missing. */
export function needSteps(world: World, steps: readonly Step[], about: About, called: readonly number[] = []): Need[] {
  const within = (list: readonly Step[], whom: About, on: readonly number[]) => needSteps(world, list, whom, on)
  return steps.flatMap((step) => [
    ...textsOf(step).flatMap((text) => needText(world, text, about)),
    ...(ruleOf(step).needs?.(world, step, { about, called, within }) ?? []),
  ])
}

function needText(world: World, text: string, { caller, named }: About): Need[] {
  const tallies = openTallies(world)
  const counts = talliesIn(text).flatMap(({ argument, key }) => {
    const tally = tallies.find((one) => one.key === key)
    const who = argument === undefined ? caller : named[argument]
    return tally === undefined || who === undefined ? [] : [needTally(tally.id, who)]
  })
  return [...listsIn(text, tallies).map(needList), ...counts]
}
