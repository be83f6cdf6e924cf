export {
  type Branch,
  type Condition,
  DEEPEST,
  type HowMany,
  type Step,
  type StepKind,
  type StepOf,
  StepSchema,
  Steps,
  type Target,
  tallyHows,
} from './schema.ts'
