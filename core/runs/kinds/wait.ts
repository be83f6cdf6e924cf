import type { StepRule } from '../rule.ts'

/** What ends a run's moment is seen by who does the steps one after the other. */
export const wait: StepRule<'wait'> = {}
