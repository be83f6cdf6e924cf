export { type Given, usageLine } from './arguments.ts'
export { carryOutByDesk, type UseCommand } from './byDesk.ts'
export { type CheckInByPage, checkInByPage } from './checkIn.ts'
export {
  type ChangeGame,
  type ChangeGameText,
  type ChangeWagering,
  changeGame,
  changeGameText,
  changeWagering,
} from './games/change.ts'
export { type PlayGame, playByPage } from './games/playByPage.ts'
export { commandHandlers } from './handlers.ts'
export { type ChatLine, chatLine, type FollowUp } from './line.ts'
export { type Heard, heard } from './match.ts'
export { type ClaimPrize, claimByPage, type EnterRaffle, enterByPage } from './raffles/byPage.ts'
export {
  type ChangeRaffle,
  changeRaffle,
  checkRaffle,
  type StartRaffle,
  startRaffle,
} from './raffles/start.ts'
export { commandReady, inOneLine, peopleReady, type Readiness, type Standing, stepsReady } from './ready.ts'
export { OUTCOMES, type RunRow, type RunState, refusedRun, runs, type StepOutcome } from './runs.ts'
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
export { fieldsFor, type Known } from './steps/catalogue.ts'
export { type Around, aroundIn, checkSteps, type RewardAround } from './steps/check.ts'
export { fieldsNow } from './steps/fields.ts'
export { type ContinueRun, continueRun, finishRun } from './steps/finish.ts'
export { needAbout, needSteps } from './steps/needs.ts'
export { newRun, queued } from './steps/run.ts'
export { callsIn, type Fault } from './steps/within.ts'
export { type PlaceOrder, placeByPage, type Unlock, unlockRewards } from './store/buyByPage.ts'
export { type RewardStanding, rewardReady } from './store/ready.ts'
export { checkRewardWord, type SaveReward, saveReward } from './store/saveReward.ts'
export { type CommandRow, commands } from './table.ts'
export {
  type ChangeCurrency,
  type ChangeWords,
  changeCurrency,
  changeWords,
  checkWords,
  gameListeners,
  type Listener,
  listenersOf,
  otherWords,
  type RaffleWord,
  type RewardWord,
  raffleListeners,
  rewardListeners,
  wordsSetting,
} from './words.ts'
