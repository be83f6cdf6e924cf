import { accounts, openAccount } from '../ledger/index.ts'
import { needList, nextPage, PAGE_OF_PEOPLE } from '../lists/index.ts'
import { FORGOTTEN, needPayee, payeeOf, viewers } from '../people/index.ts'
import type { GoalId } from '../schema.ts'
import { type Handler, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { givePartBack } from './chip.ts'
import { fixedIn } from './faults.ts'
import { endGoal, type FollowGoal, spendPot } from './reach.ts'
import { type GoalRow, goals, goalTotals, goalTotalsOf, needPart, partOf, parts, runningGoal } from './rows.ts'
import type { GoalSettings } from './schema.ts'
import { openedInWords, tell, tellChanged, tellCount } from './tell.ts'
import { type GoalTick, setTimer } from './timers.ts'

export const GOAL_GONE = 'This goal no longer exists or has ended.'

/** Opens a goal: from now on people chip in, and its end comes by itself. Its settings have been checked. */
export function openGoal(world: World, goal: GoalRow): Result<GoalRow> {
  const { endsAt } = goal.settings
  if (goal.status !== 'planned') return refuse('goal_ended', 'It is open already.')
  if (endsAt !== null && endsAt <= world.at)
    return refuse('goal_invalid', 'Its end has passed. Change it to a later one, or to none.')
  openAccount(world, goal.id, 'pot')
  const opened = world.put(goals, { ...goal, status: 'open', openedAt: world.at })
  world.put(goalTotals, goalTotalsOf(world, goal.id))
  if (endsAt !== null) setTimer(world, goal.id, 'end', endsAt)
  tell(world, openedInWords(world, opened))
  tellChanged(world, opened)
  return ok(opened)
}

/** Ends a goal before it is reached: the money goes back, or is spent, as it was promised. */
function missGoal(world: World, goal: GoalRow): GoalRow {
  const { title, unreached } = goal.settings
  const { paid } = goalTotalsOf(world, goal.id)
  const money = paid === 0 ? '' : unreached === 'refund' ? ' Everybody is refunded.' : ' What was chipped in stays in.'
  tell(world, `“${title}” was not reached.${money}`)
  if (unreached === 'refund') return giveAllBack(world, goal, 'missed')
  spendPot(world, goal)
  return endGoal(world, goal, 'missed')
}

function giveAllBack(world: World, goal: GoalRow, endsAs: 'missed' | 'off', why: string | null = null): GoalRow {
  const returning = world.put(goals, { ...goal, status: 'returning', endsAs, why, returned: 0 })
  setTimer(world, goal.id, 'page', world.at, 0)
  tellChanged(world, returning)
  return returning
}

/** Calls a goal off: everybody is refunded, whatever was chosen. One that is only planned goes without a word. */
function callOff(world: World, goal: GoalRow, why: string): Result<GoalRow> {
  if (goal.status === 'returning') return refuse('goal_ended', 'Refunds are on their way already.')
  if (goal.status === 'planned') return ok(endGoal(world, { ...goal, why }, 'off'))
  const { paid } = goalTotalsOf(world, goal.id)
  tell(world, `“${goal.settings.title}” is called off: ${why}.${paid > 0 ? ' Everybody is refunded.' : ''}`)
  return ok(giveAllBack(world, goal, 'off', why))
}

/** Changes a goal. What was promised stays once somebody has chipped in. Its settings have been checked. */
export function changeGoalSettings(world: World, goal: GoalRow, settings: GoalSettings): Result<GoalRow> {
  if (goal.status === 'returning') return refuse('goal_ended', GOAL_GONE)
  const { paid, last } = goalTotalsOf(world, goal.id)
  const fixed = last === 0 ? undefined : fixedIn(goal.settings, settings, goal.reached)
  if (fixed !== undefined)
    return refuse(
      'goal_fixed',
      `Somebody has chipped in already, so ${fixed} cannot change. Call it off to refund everybody.`,
    )
  if (settings.target <= paid)
    return refuse('goal_below', `There are ${paid} in it already: the target must be more than that.`)
  const early = settings.milestones.find(({ at }, i) => i >= goal.reached && at <= paid)
  if (early !== undefined)
    return refuse('goal_below', `There are ${paid} in it already: “${early.name}” must be more than that.`)
  const changed = world.put(goals, { ...goal, settings })
  if (goal.status === 'open' && settings.endsAt !== null) setTimer(world, goal.id, 'end', settings.endsAt)
  tellChanged(world, changed)
  return ok(changed)
}

export interface ActOnGoal {
  readonly kind: 'goal.act'
  readonly goal: GoalId
  readonly does: 'open' | 'end' | 'callOff'
  readonly why: string
  readonly by: string
}

/** Opens, ends or calls off a goal. */
export const actOnGoal = {
  needs: (_, { goal }) => [needKey(accounts, goal)],
  decide(world, { goal: id, does, why, by }) {
    const goal = runningGoal(world, id)
    if (goal === undefined) return refuse('goal_not_found', GOAL_GONE)
    const done = actOn(world, goal, does, why.trim() === '' ? `by ${by}` : `${why.trim()} (${by})`)
    return done.ok ? ok({ goal: id, status: done.value.status }) : done
  },
} satisfies Handler<ActOnGoal>

function actOn(world: World, goal: GoalRow, does: ActOnGoal['does'], why: string): Result<GoalRow> {
  if (does === 'open') return openGoal(world, goal)
  if (does === 'callOff') return callOff(world, goal, why)
  if (goal.status !== 'open') return refuse('goal_ended', 'It is not open.')
  return ok(missGoal(world, goal))
}

/** The key of the list of the next who are refunded: those behind a number in the order of first parts. */
export const givers = (goal: GoalId, after: number): string => `givers/${goal}/${after}`

const nextGivers = (world: World, goal: GoalId, after: number) =>
  nextPage(
    world,
    givers(goal, after),
    world.all(parts).filter((row) => row.goal === goal),
    after,
  )

function needGivers(world: World, goal: GoalId, after: number): Need[] {
  const list = needList(givers(goal, after))
  if (!world.rows.has(list)) return [list]
  const people = nextGivers(world, goal, after).flatMap(({ viewer }) => {
    const { payee, needs } = needPayee(world, viewer)
    return [needPart(goal, viewer), ...needs, needKey(viewers, payee)]
  })
  return [list, ...people]
}

/** A goal goes on because its time has come. A timer that comes twice, or for a time that was changed, does nothing. */
export const tickGoal = {
  needs(world, { goal, what, after = 0 }) {
    if (runningGoal(world, goal) === undefined) return []
    return [needKey(accounts, goal), ...(what === 'page' ? needGivers(world, goal, after) : [])]
  },
  decide(world, { goal: id, what, due, after = 0 }) {
    const goal = runningGoal(world, id)
    if (goal === undefined) return ok({})
    if (what === 'end' && goal.status === 'open' && goal.settings.endsAt === due) missGoal(world, goal)
    if (what === 'page' && goal.status === 'returning' && goal.returned === after) refundSome(world, goal)
    if (what === 'told' && goalTotalsOf(world, id).tellAt === due) tellCount(world, goalTotalsOf(world, id))
    return ok({})
  },
} satisfies Handler<GoalTick>

/** Gives the next people their parts back; once all have theirs, the goal is over. */
function refundSome(world: World, goal: GoalRow): void {
  const page = nextGivers(world, goal.id, goal.returned)
  for (const { viewer } of page) {
    const part = partOf(world, goal.id, viewer)
    const payee = payeeOf(world, viewer)
    if (part === undefined || part.paid === 0 || world.get(viewers, payee)?.issuer === FORGOTTEN) continue
    const back = givePartBack(world, goal, payee, part.paid)
    world.put(parts, { ...part, back: part.back + back })
    world.fact('goal.own', `viewer:${payee}`, { goal: goal.id, paid: 0 })
  }
  const returned = page.at(-1)?.nr ?? goal.returned
  const paid = world.put(goals, { ...goal, returned })
  if (page.length === PAGE_OF_PEOPLE) return setTimer(world, goal.id, 'page', world.at, returned)
  // What a wallet had no room for, or nobody's wallet can take.
  spendPot(world, paid)
  endGoal(world, paid, goal.endsAs ?? 'off')
}

/** Opens a goal that was planned to follow another one. */
export const followGoal = {
  decide(world, { goal: id }) {
    const goal = runningGoal(world, id)
    if (goal?.status === 'planned') openGoal(world, goal)
    return ok({})
  },
} satisfies Handler<FollowGoal>
