import type { GoalId, UnixSeconds } from '../schema.ts'
import type { World } from '../world/index.ts'

/** What a timer of a goal is for. */
export type GoalTimer = 'end' | 'page' | 'told'

export interface GoalTick {
  readonly kind: 'goal.tick'
  readonly goal: GoalId
  readonly what: GoalTimer
  /** The time for which this timer was set. */
  readonly due: UnixSeconds
  /** Of a page: up to whom it had gone. */
  readonly after?: number
}

/** Sets a timer. One that comes for a time that is not the goal's any more finds that, and does nothing. */
export function setTimer(world: World, goal: GoalId, what: GoalTimer, due: UnixSeconds, after?: number): void {
  const mark = after === undefined ? `${what}/${due}` : `${what}/${due}/${after}`
  const more = after === undefined ? {} : { after }
  world.timer({ key: `goal/${goal}/${mark}`, at: due, intent: { kind: 'goal.tick', goal, what, due, ...more } })
}

declare module '../world/timers.ts' {
  interface TimedIntents {
    'goal.tick': GoalTick
  }
}
