export { decide, needs } from './decide.ts'
export { FACTS, type Fact, type FactBody, type FactKind, type KindFor } from './facts.ts'
export type { AnswerTo, Intent } from './intents.ts'
export { REFUSALS } from './refusals.ts'
