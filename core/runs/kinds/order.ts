import type { ViewerRow } from '../../people/index.ts'
import type { StepOf } from '../../steps/index.ts'
import {
  buyingOf,
  needCodes,
  needSales,
  PLAIN_REWARD,
  placeOrder,
  type RewardRow,
  rewardOf,
  whyNot,
} from '../../store/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../../world/index.ts'
import { idsOf, needTarget } from '../about.ts'
import type { Around } from '../around.ts'
import { oneOnly, targetFaults } from '../faultsIn.ts'
import { fill } from '../fill.ts'
import { leadsBack } from '../leadsBack.ts'
import { figuresOfOrder } from '../order.ts'
import { oneOf } from '../people.ts'
import type { Queued, StepContext } from '../queue.ts'
import type { Needing, StepRule } from '../rule.ts'
import { queued, type Run } from '../run.ts'

function orderFaults(id: number, around: Around): string[] {
  const reward = around.rewards.find((one) => one.id === id)
  if (reward === undefined) return ['Choose a reward.']
  return leadsBack({ reward: id }, around) ? [`${reward.name} comes back to this one: that would never end.`] : []
}

/** What ordering a reward for somebody needs, and its own steps for them. Rewards are marked as called by numbers below 0. */
function needOrdered(world: World, step: StepOf<'order'>, { about, called, within }: Needing): Need[] {
  const reward = rewardOf(world, step.reward)
  if (reward === undefined) return needTarget(world, step.to, about)
  const own = idsOf(world, step.to, about).flatMap((caller) => {
    const steps = called.includes(-reward.id)
      ? []
      : within(reward.settings.steps, { caller, named: {} }, [...called, -reward.id])
    return [...needSales(reward.id, caller), ...steps]
  })
  return [...needTarget(world, step.to, about), ...needCodes(world, reward), ...own]
}

/**
 * Places the order of a step, without a price. @returns The steps of the reward that are to be done for whom it is, where it happens by itself.
 */
function orderFree(run: Run, step: StepOf<'order'>, depth: number): Result<Queued[]> {
  const { world } = run
  const who = oneOf(run, step.to)
  if (!who.ok) return who
  const reward = rewardOf(world, step.reward)
  if (reward === undefined) return refuse('reward_not_found', 'The reward it orders was removed.')
  const allowed = mayBeGiven(world, who.value, reward)
  if (!allowed.ok) return allowed
  const text = [...fill(run, step.text)].slice(0, MOST_LETTERS).join('')
  const order = placeOrder(world, who.value, reward, { text, price: 0, address: null, free: true })
  run.log.push({ do: 'order', sentence: `Orders ${reward.settings.name} for ${who.value.name}, without a price.` })
  if (reward.settings.kind !== 'itself') return ok([])
  const on: StepContext = { caller: who.value.id, figures: figuresOfOrder(world, order) }
  return ok(queued(reward.settings.steps, depth + 1, on))
}

const MOST_LETTERS = 200

/** What is given needs stock, and a reward that is on; who may buy it and how often does not matter. */
function mayBeGiven(world: World, viewer: ViewerRow, { id, settings }: RewardRow): Result<true> {
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  if (settings.post !== null)
    return refuse('address_missing', `${settings.name} comes by post: only the receiver can order it, on their page.`)
  const free = { each: PLAIN_REWARD.each, rest: { everyoneSeconds: 0, eachSeconds: 0 }, hours: 0 }
  const given = { id, settings: { ...settings, ...free, secret: '', onAir: false }, word: null, place: 0, goneAt: null }
  const refusal = whyNot(given.settings, { ...buyingOf(world, viewer, given), barred: undefined })
  return refusal === undefined ? ok(true) : { ok: false, refusal }
}

export const order: StepRule<'order'> = {
  texts: ({ text }) => [text],
  faults: ({ reward, to }, around) => [...orderFaults(reward, around), ...targetFaults(to, around), ...oneOnly(to)],
  needs: needOrdered,
  into: orderFree,
}
