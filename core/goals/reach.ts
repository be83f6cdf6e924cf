import { amount } from '../currency/index.ts'
import { BOOKS, balanceOf, transfer } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import type { GoalId, ViewerId } from '../schema.ts'
import type { Step } from '../steps/index.ts'
import type { World } from '../world/index.ts'
import { type GoalRow, goals, goalTotalsOf, runningGoals } from './rows.ts'
import { figuresOf, showFor, tell, tellChanged } from './tell.ts'

/** Steps of a goal are done: of a milestone, or of its end. They come with it, for the goal may be over by then. */
export interface GoalRun {
  readonly kind: 'goal.run'
  readonly goal: GoalId
  readonly name: string
  /** Who gave last. */
  readonly viewer: ViewerId
  readonly figures: Readonly<Record<string, string | number>>
  readonly steps: readonly Step[]
}

/** One that was planned opens, because another was reached. */
export interface FollowGoal {
  readonly kind: 'goal.follow'
  readonly goal: GoalId
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'goal.run': GoalRun
    'goal.follow': FollowGoal
  }
}

/** Looks at what a goal has come to after a part: each milestone is reached once, in order; then the goal itself. */
export function comeTo(world: World, goal: GoalRow, viewer: ViewerRow): void {
  const { paid } = goalTotalsOf(world, goal.id)
  let now = goal
  for (const [i, { at, name }] of goal.settings.milestones.entries()) {
    if (i < now.reached || paid < at) continue
    now = world.put(goals, { ...now, reached: i + 1 })
    tell(world, `“${goal.settings.title}”: ${name} is reached, at ${amount(world, at)}!`)
    world.fact('goal.milestone', 'everyone', { goal: goal.id, title: goal.settings.title, name, at })
    world.moment('goalMilestone', viewer.id, { ...figuresOf(world, goal), milestone: name })
    showFor(world, goal, goal.settings.milestoneAlert, viewer.name, name)
    runSteps(world, goal, i, viewer)
  }
  if (paid >= goal.settings.target) reach(world, now, viewer)
}

function reach(world: World, goal: GoalRow, viewer: ViewerRow): void {
  const { title, target, reachedAlert } = goal.settings
  spendPot(world, goal)
  const { people } = goalTotalsOf(world, goal.id)
  tell(
    world,
    `“${title}” is reached: ${amount(world, target)} from ${people === 1 ? '1 person' : `${people} people`}. Thank you!`,
  )
  endGoal(world, goal, 'reached')
  world.moment('goalReached', viewer.id, figuresOf(world, goal))
  showFor(world, goal, reachedAlert, viewer.name, title)
  runSteps(world, goal, null, viewer)
  const next = runningGoals(world).find(({ status, settings }) => status === 'planned' && settings.follows)
  if (next !== undefined)
    world.timer({ key: `goal/${next.id}/follow`, at: world.at, intent: { kind: 'goal.follow', goal: next.id } })
}

/** What there are steps for is done in an intent of its own: what fails there takes nothing back here. */
function runSteps(world: World, goal: GoalRow, milestone: number | null, viewer: ViewerRow): void {
  const { id, settings } = goal
  const passed = milestone === null ? undefined : settings.milestones[milestone]
  const steps = milestone === null ? settings.steps : (passed?.steps ?? [])
  if (steps.length === 0) return
  const figures = { ...figuresOf(world, goal), milestone: passed?.name ?? '' }
  const intent: GoalRun = { kind: 'goal.run', goal: id, name: settings.title, viewer: viewer.id, figures, steps }
  world.timer({ key: `goal/${id}/run/${milestone ?? 'end'}`, at: world.at, intent })
}

/** What is in a goal's pot is spent. */
export function spendPot(world: World, { id, settings }: GoalRow): void {
  const left = balanceOf(world, id)
  if (left === 0) return
  const detail = { name: settings.title }
  const moved = transfer(world, {
    ...{ from: id, to: BOOKS.spent, amount: left, reason: 'chipSpent', about: id, detail },
  })
  if (!moved.ok) throw new Error(`A goal could not be ended: ${moved.refusal.sentence}`)
}

/** Ends a goal: it goes to those that have ended, and everybody is told. */
export function endGoal(world: World, goal: GoalRow, status: 'reached' | 'missed' | 'off'): GoalRow {
  const ended = world.put(goals, { ...goal, status, endedAt: world.at })
  const { paid } = goalTotalsOf(world, goal.id)
  world.fact('goal.ended', 'everyone', { goal: goal.id, status, title: goal.settings.title, paid })
  tellChanged(world, ended)
  return ended
}
