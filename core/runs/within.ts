import type { Step } from '../steps/index.ts'

/** Something about a step that is wrong, or that may not be meant so. `at`: its place, as numbers from 0, lists within included. */
export interface Fault {
  readonly at: readonly number[]
  readonly sentence: string
  /** A hint does not keep it from being saved. */
  readonly hint: boolean
}

/** The lists of steps within a step. */
export const listsOf = (step: Step): readonly (readonly Step[])[] =>
  step.do === 'choose'
    ? step.branches.map(({ steps }) => steps)
    : step.do === 'when'
      ? [step.steps, step.otherwise]
      : []

/** The commands that steps call. */
export const callsIn = (steps: readonly Step[]): number[] =>
  steps.flatMap((step) => (step.do === 'call' ? [step.command] : listsOf(step).flatMap(callsIn)))

/** "Step 2: Choose a tally." */
export const faultInWords = ({ at, sentence }: Pick<Fault, 'at' | 'sentence'>): string =>
  `Step ${at
    .filter((_, i) => i % 2 === 0)
    .map((place) => place + 1)
    .join(', within it step ')}: ${sentence}`
