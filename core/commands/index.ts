export { type Given, usageLine } from './arguments.ts'
export type { UseCommand } from './byDesk.ts'
export type { CheckInByPage } from './checkIn.ts'
export type {
  ChangeGame,
  ChangeGameText,
  ChangeWagering,
} from './games/change.ts'
export type { PlayGame } from './games/playByPage.ts'
export { commandHandlers } from './handlers.ts'
export type { ChatLine, Followed, LineAnswer } from './line.ts'
export { heard } from './match.ts'
export type { ClaimPrize, EnterRaffle } from './raffles/byPage.ts'
export { checkRaffle } from './raffles/start.ts'
export { commandReady, inOneLine, peopleReady, type Readiness, type Standing, stepsReady } from './ready.ts'
export { OUTCOMES, type RunRow, refusedRun, runs, type StepOutcome } from './runs.ts'
export {
  argumentFault,
  checkCommandWords,
  faultInWords,
  refusalFault,
} from './save.ts'
export { Argument, ChatWords, CommandSettings, storedCommand, type WordKind } from './schema.ts'
export { fieldsFor, type Known } from './steps/catalogue.ts'
export { type Around, aroundIn, checkSteps, type RewardAround } from './steps/check.ts'
export { fieldsNow } from './steps/fields.ts'
export { type ContinueRun, finishRun } from './steps/finish.ts'
export { needAbout, needSteps } from './steps/needs.ts'
export { newRun, queued } from './steps/run.ts'
export { callsIn, type Fault } from './steps/within.ts'
export type { PlaceOrder, Unlock } from './store/buyByPage.ts'
export { rewardReady } from './store/ready.ts'
export { checkRewardWord } from './store/saveReward.ts'
export { type CommandRow, commands } from './table.ts'
export {
  checkWords,
  gameListeners,
  type Listener,
  listenersOf,
  otherWords,
  type RewardWord,
  raffleListeners,
  rewardListeners,
  wordsSetting,
} from './words.ts'
