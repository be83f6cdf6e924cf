import type { GoalSettings } from '#core/goals'
import type { CommandsView } from '../commands/view.ts'
import type { DeskGoal, GoalsView } from './view.ts'

/** What a part of the form of a goal is given. */
export interface PartProps {
  readonly draft: GoalSettings
  readonly put: (patch: Partial<GoalSettings>) => void
  readonly view: GoalsView
  /** Undefined where commands may not be looked at: there are no steps then. */
  readonly commands: CommandsView | undefined
  /** The goal that is changed. */
  readonly goal: DeskGoal | undefined
}
