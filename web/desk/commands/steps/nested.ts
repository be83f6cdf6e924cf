import { type ComponentType, createContext, useContext } from 'react'
import type { Around, Fault } from '#core/runs'
import type { Step } from '#core/steps'
import type { CommandsView } from '../view.ts'

/** What every step of a form looks at. */
export interface StepsFor {
  readonly view: CommandsView
  readonly around: Around
  readonly faults: readonly Fault[]
}

export interface StepListProps extends StepsFor {
  readonly steps: readonly Step[]
  readonly setSteps: (steps: readonly Step[]) => void
  /** The place of this list within the others. */
  readonly at?: readonly number[]
  readonly label?: string
}

/** The list of steps, for those steps that have steps of their own. */
export const NestedSteps = createContext<ComponentType<StepListProps> | undefined>(undefined)

export function useNestedSteps(): ComponentType<StepListProps> {
  const List = useContext(NestedSteps)
  if (List === undefined) throw new Error('Steps within steps are shown within a list of steps only.')
  return List
}
