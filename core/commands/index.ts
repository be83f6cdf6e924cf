export { type Given, usageLine } from './arguments.ts'
export { carryOutByDesk, type UseCommand } from './byDesk.ts'
export { type CheckInByPage, checkInByPage } from './checkIn.ts'
export { type ChatLine, chatLine, type FollowUp } from './line.ts'
export { type Heard, heard } from './match.ts'
export { commandReady, inOneLine, peopleReady, type Readiness, type Standing, stepsReady } from './ready.ts'
export { type RunRow, type RunState, refusedRun, runs, type StepOutcome } from './runs.ts'
export {
  argumentFault,
  checkCommandWords,
  faultInWords,
  type RemoveCommand,
  refusalFault,
  removeCommand,
  type SaveCommand,
  type SwitchCommand,
  saveCommand,
  switchCommand,
} from './save.ts'
export { Argument, ChatWords, CommandSettings, type WordKind } from './schema.ts'
export { type Field, fieldsFor, type Known } from './steps/catalogue.ts'
export { type Around, aroundIn, callsIn, checkSteps, type Fault } from './steps/check.ts'
export { fieldsNow } from './steps/fields.ts'
export { type ContinueRun, continueRun, finishRun } from './steps/finish.ts'
export { needAbout, needSteps } from './steps/needs.ts'
export { newRun, queued } from './steps/run.ts'
export {
  type Branch,
  type Condition,
  type HowMany,
  oneOfThese,
  type Step,
  type StepKind,
  type StepOf,
  StepSchema,
  Steps,
  type Target,
  tallyHows,
} from './steps/schema.ts'
export { type CommandRow, commands } from './table.ts'
export {
  type ChangeCurrency,
  type ChangeWords,
  changeCurrency,
  changeWords,
  checkWords,
  type Listener,
  listenersOf,
  otherWords,
  wordsSetting,
} from './words.ts'
