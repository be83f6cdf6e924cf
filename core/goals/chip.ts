import { whyNotFor } from '../access/index.ts'
import { amount, currencySetting, readAmount } from '../currency/index.ts'
import { maySpend } from '../earning/index.ts'
import { accounts, balanceOf, payUpTo, transfer } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { Amount, GoalId, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { contributionOf } from './contribution.ts'
import { comeTo } from './reach.ts'
import { type GoalRow, goalTotalsOf, needPart, type PartRow, partKey, partOf, parts } from './rows.ts'
import { count } from './tell.ts'

/** What chipping in needs. @param viewer - Undefined for who is new. */
export const needChip = (goal: GoalId, viewer: ViewerId | undefined): Need[] => [
  needKey(accounts, goal),
  ...(viewer === undefined ? [] : [needPart(goal, viewer)]),
]

/** What came of chipping in: what was taken, what one has in it now, and the sentence for who asked. */
export interface Chipped {
  readonly goal: GoalId
  readonly taken: Amount
  readonly paid: Amount
  readonly told: string
}

function mayChip(world: World, { status, settings }: GoalRow, viewer: ViewerRow): Result<true> {
  if (status !== 'open') return refuse('goal_ended', `“${settings.title}” takes nothing now.`)
  if (viewer.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  const why = whyNotFor(world, settings.who, viewer, 'This goal')
  if (why !== undefined) return refuse('goal_not_for_you', why)
  if (settings.onAir && showOnAir(world) === undefined)
    return refuse('goal_off_air', `One can chip in for “${settings.title}” only while the show is on air.`)
  return maySpend(world, viewer)
}

/**
 * Puts somebody's part into a goal, at most what is missing. All of it happens, or nothing but the refusal. Needs `needChip`.
 * @param typed - As it is typed ("half", "all", "100"), or a number.
 */
export function chipIn(world: World, goal: GoalRow, viewer: ViewerRow, typed: string | number): Result<Chipped> {
  const allowed = mayChip(world, goal, viewer)
  if (!allowed.ok) return allowed
  const balance = balanceOf(world, viewer.id)
  const asked = typeof typed === 'number' ? ok(typed) : readAmount(typed, balance, readSetting(world, currencySetting))
  if (!asked.ok) return asked
  const before = partOf(world, goal.id, viewer.id)
  const taken = takenOf(world, goal, asked.value, balance, before?.paid ?? 0)
  if (!taken.ok) return taken
  const detail = { name: goal.settings.title }
  const moved = transfer(world, {
    ...{ from: viewer.id, to: goal.id, amount: taken.value, reason: 'chipped', about: goal.id, detail },
  })
  if (!moved.ok) return moved
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  const part = put(world, goal, viewer, before, taken.value)
  comeTo(world, goal, viewer)
  return ok({
    goal: goal.id,
    taken: taken.value,
    paid: part.paid,
    told: chippedInWords(world, goal, viewer, taken.value, asked.value),
  })
}

/** How much of what was asked is taken; or what is wrong with it, and what would do. */
function takenOf(world: World, { id, settings }: GoalRow, asked: Amount, balance: Amount, has: Amount): Result<number> {
  const { target, smallest, largest } = settings
  const soFar = goalTotalsOf(world, id).paid
  const missing = target - soFar
  const room = largest === 0 ? asked : Math.min(asked, largest - has)
  if (largest > 0 && has >= largest)
    return refuse('goal_largest', `One person can chip in ${amount(world, largest)}, and you have.`, { most: largest })
  const found = contributionOf({ target, soFar, balance, asked: room })
  if ('why' in found) {
    if (found.why === 'finished') return refuse('goal_ended', `“${settings.title}” has all it takes.`)
    if (found.why === 'amount') return refuse('goal_typed', 'Say how much: a whole amount above 0.')
    const short = Math.min(room, missing) - balance
    return refuse('balance_too_small', `You have ${amount(world, balance)}, ${amount(world, short)} short.`, {
      has: balance,
      short,
    })
  }
  // The last of it may be less than the smallest part.
  if (found.taken < Math.min(smallest, missing, largest === 0 ? smallest : largest - has))
    return refuse('goal_smallest', `The smallest part is ${amount(world, smallest)}.`, { smallest })
  return ok(found.taken)
}

function put(world: World, goal: GoalRow, viewer: ViewerRow, before: PartRow | undefined, taken: Amount): PartRow {
  const sums = goalTotalsOf(world, goal.id)
  const nr = before?.nr ?? sums.last + 1
  const comes = (before?.paid ?? 0) === 0
  count(world, goal.id, {
    last: Math.max(sums.last, nr),
    people: sums.people + (comes ? 1 : 0),
    paid: sums.paid + taken,
    lastName: viewer.name,
    lastAmount: taken,
  })
  const part = world.put(parts, {
    key: partKey(goal.id, viewer.id),
    goal: goal.id,
    viewer: viewer.id,
    name: viewer.name,
    nr,
    paid: (before?.paid ?? 0) + taken,
    back: before?.back ?? 0,
    at: world.at,
  })
  world.fact('goal.own', `viewer:${viewer.id}`, { goal: goal.id, paid: part.paid })
  return part
}

/** "pia chips in 200 rivets (all that was missing): 1,200 of 5,000 for “Mend the tram clock”." */
function chippedInWords(world: World, goal: GoalRow, viewer: ViewerRow, taken: Amount, asked: Amount): string {
  const { title, target } = goal.settings
  const { paid } = goalTotalsOf(world, goal.id)
  const cut = taken < asked && paid === target ? ' (all that was missing)' : ''
  return `${viewer.name} chips in ${amount(world, taken)}${cut}: ${amount(world, paid)} of ${amount(world, target)} for “${title}”.`
}

/** Takes all that somebody has in a goal back, where that is allowed. Needs `needChip`. */
export function takePartBack(world: World, goal: GoalRow, viewer: ViewerRow): Result<Chipped> {
  const { title, withdraw } = goal.settings
  if (goal.status !== 'open') return refuse('goal_ended', `“${title}” gives nothing back now.`)
  const before = partOf(world, goal.id, viewer.id)
  if (before === undefined || before.paid === 0) return refuse('goal_not_in', `You have nothing in “${title}”.`)
  if (!withdraw) return refuse('goal_withdraw', 'Parts cannot be taken back here.')
  const sums = goalTotalsOf(world, goal.id)
  count(world, goal.id, { people: sums.people - 1, paid: sums.paid - before.paid, lastName: '', lastAmount: 0 })
  world.put(parts, { ...before, paid: 0, at: world.at })
  givePartBack(world, goal, viewer.id, before.paid)
  world.fact('goal.own', `viewer:${viewer.id}`, { goal: goal.id, paid: 0 })
  const told = `${viewer.name} takes ${amount(world, before.paid)} back from “${title}”.`
  return ok({ goal: goal.id, taken: -before.paid, paid: 0, told })
}

/** Gives a part back out of a goal's pot. @returns What there was room for. */
export function givePartBack(world: World, { id, settings }: GoalRow, payee: ViewerId, paid: Amount): Amount {
  const detail = { name: settings.title }
  const got = payUpTo(world, { from: id, to: payee, amount: paid, reason: 'chipBack', about: id, detail })
  world.fact('balance.changed', `viewer:${payee}`, { balance: balanceOf(world, payee) })
  return got
}
