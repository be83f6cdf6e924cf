import { Id, oneOf } from '../schema.ts'
import { fact } from '../world/index.ts'
import { OUTCOMES } from './runs.ts'

/** What is told of runs. */
export const runFacts = {
  'run.ended': fact(['desk'], 'Steps are done, wait, or were refused.', { run: Id, outcome: oneOf(OUTCOMES) }),
}

type Declared = typeof runFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
