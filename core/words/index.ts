export { type Given, needArguments, peopleNamed, readArguments, takes, usageLine } from './arguments.ts'
export { wordHandlers } from './handlers.ts'
export { findNamed, needNamed, typedName } from './named.ts'
export {
  Argument,
  ChatWord,
  ChatWords,
  CommandSettings,
  storedCommand,
  TEAM_WORDS,
  type TeamWord,
  type WordKind,
} from './schema.ts'
export { type CommandRow, commandOf, commands, openCommands, savedCommands } from './table.ts'
export {
  allWords,
  betListeners,
  checkListeners,
  checkWords,
  gameListeners,
  goalListeners,
  type Listener,
  listenersOf,
  otherListeners,
  otherWords,
  type RewardWord,
  raffleListeners,
  rewardListeners,
  wordsSetting,
} from './words.ts'
