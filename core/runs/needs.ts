import { needOpening } from '../games/index.ts'
import { circleKey, circleOf, MOST_PEOPLE, needList, PRESENT, presentOf } from '../lists/index.ts'
import { needPerson, watches } from '../people/index.ts'
import type { Step, StepOf, Target } from '../steps/index.ts'
import { needCodes, needSales, rewardOf } from '../store/index.ts'
import { needTally, openTallies } from '../tallies/index.ts'
import { commandOf } from '../words/index.ts'
import { type Need, needKey, type World } from '../world/index.ts'
import { needBetStep } from './bets.ts'
import { listsIn, talliesIn, textsOf } from './mentions.ts'
import { needRaffleStep } from './raffles.ts'

/** The people that a run is about, as far as they are known: who set it off, and who is named, by argument. */
export interface About {
  readonly caller: number | undefined
  readonly named: Readonly<Record<string, number>>
}

/** What somebody's part in a run needs. */
export const needAbout = (id: number): Need[] => [...needPerson(id), needKey(watches, id)]

/** All that steps may need, on whichever way they go. To be asked again until nothing is missing. */
export function needSteps(world: World, steps: readonly Step[], about: About, called: readonly number[] = []): Need[] {
  return steps.flatMap((step) => [
    ...textsOf(step).flatMap((text) => needText(world, text, about)),
    ...needStep(world, step, about, called),
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

function needStep(world: World, step: Step, about: About, called: readonly number[]): Need[] {
  switch (step.do) {
    case 'pay':
      return needTarget(world, step.to, about)
    case 'take':
      return needTarget(world, step.from, about)
    case 'circle':
      return needTarget(world, step.who, about)
    case 'tally': {
      const people = idsOf(world, step.to, about)
      const own = step.how === 'pass' && about.caller !== undefined ? [needTally(step.tally, about.caller)] : []
      return [...needTarget(world, step.to, about), ...own, ...people.map((id) => needTally(step.tally, id))]
    }
    case 'round':
      return needOpening(world, step.game)
    case 'bet':
      return needBetStep(world, step)
    case 'raffle':
      return needRaffleStep(world, step, [])
    case 'tickets':
      return [...needTarget(world, step.to, about), ...needRaffleStep(world, step, idsOf(world, step.to, about))]
    case 'order':
      return needOrdered(world, step, about, called)
    case 'choose':
      return step.branches.flatMap(({ steps }) => needSteps(world, steps, about, called))
    case 'when': {
      const asked = step.if.tally
      const own = asked === undefined || about.caller === undefined ? [] : [needTally(asked.tally, about.caller)]
      return [...own, ...needSteps(world, [...step.steps, ...step.otherwise], about, called)]
    }
    case 'call': {
      const command = called.includes(step.command) ? undefined : commandOf(world, step.command)
      return command === undefined ? [] : needSteps(world, command.settings.steps, about, [...called, step.command])
    }
    default:
      return []
  }
}

/** What ordering a reward for somebody needs, and its own steps for them. Rewards are marked as called by numbers below 0. */
function needOrdered(world: World, step: StepOf<'order'>, about: About, called: readonly number[]): Need[] {
  const reward = rewardOf(world, step.reward)
  if (reward === undefined) return needTarget(world, step.to, about)
  const own = idsOf(world, step.to, about).flatMap((caller) => {
    const within = called.includes(-reward.id)
      ? []
      : needSteps(world, reward.settings.steps, { caller, named: {} }, [...called, -reward.id])
    return [...needSales(reward.id, caller), ...within]
  })
  return [...needTarget(world, step.to, about), ...needCodes(world, reward), ...own]
}

function needTarget(world: World, target: Target, about: About): Need[] {
  const list = listOf(target)
  return [...(list === undefined ? [] : [needList(list)]), ...idsOf(world, target, about).flatMap(needAbout)]
}

const listOf = (target: Target): string | undefined =>
  target.of === 'present' ? PRESENT : target.of === 'circle' ? circleKey(target.circle) : undefined

/** Whom a target means, as far as is known yet. */
function idsOf(world: World, target: Target, { caller, named }: About): number[] {
  const list = listOf(target)
  if (list !== undefined && !world.rows.has(needList(list))) return []
  if (target.of === 'present' || target.of === 'circle') {
    const listed = target.of === 'present' ? presentOf(world) : circleOf(world, target.circle)
    // Of more than a step can be about nobody is needed: the step will say so.
    return listed.length > MOST_PEOPLE ? [] : listed.map(({ id }) => id)
  }
  const id = target.of === 'caller' ? caller : named[target.name]
  return id === undefined ? [] : [id]
}
