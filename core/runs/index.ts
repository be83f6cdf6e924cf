export { needAbout } from './about.ts'
export { type Around, aroundIn, type RewardAround } from './around.ts'
export { fieldsFor, type Known } from './catalogue.ts'
export { checkSteps } from './check.ts'
export { fieldsNow } from './fields.ts'
export { type ContinueRun, finishRun, type Price } from './finish.ts'
export { runHandlers } from './handlers.ts'
export { needSteps } from './needs.ts'
export { figuresOfOrder } from './order.ts'
export {
  commandReady,
  type Environment,
  inOneLine,
  notReady,
  peopleReady,
  type Readiness,
  stepsReady,
} from './ready.ts'
export { newRun, queued } from './run.ts'
export { OUTCOMES, type RunRow, refusedRun, runs, type StepOutcome } from './runs.ts'
export { callsIn, type Fault, faultInWords } from './within.ts'
