export { gameKey } from './allowed.ts'
export {
  type CallOffRound,
  type ChangeCup,
  callOffRound,
  changeCup,
  type OpenCup,
  type OpenGame,
  openCupByDesk,
  openGame,
} from './byDesk.ts'
export { agrees, type CheckedStep, recompute, type ToldRound } from './check.ts'
export { duelPot, duelWinner } from './duel.ts'
export { settingsFault } from './faults.ts'
export type { Fraction } from './fraction.ts'
export { crewDigest, heistChance, type Member, playHeist, type Room, roomChance } from './heist.ts'
export { Act, gameOf, needAct, play } from './play/act.ts'
export { readSpan } from './play/sitOut.ts'
export { GAME_NAMES } from './pot.ts'
export { lineMet, type Machine, machineOdds, spinPays, spinReels } from './reels.ts'
export { paysTooMuch, returnsInWords, returnsOf, returnWarning } from './returns.ts'
export { type On, returnedOf, spinWheel } from './roulette.ts'
export {
  type FloorRow,
  floors,
  needPlayerRow,
  type PlayerAt,
  playerOf,
  players,
  type RoundRow,
  type RoundState,
  type RoundStatus,
  rounds,
  type SeatPlan,
  type SeatState,
  seats,
} from './rounds.ts'
export { CupRules, GAME_SETTINGS, GAMES, type Game, type SettingsOf, Wagering } from './schema.ts'
export { type GameVerb, gameSetting, gameWords, settingsOf, wageringSetting, writeGame } from './settings.ts'
export { GAME_TEXTS, type GameTextKey } from './texts/catalogue.ts'
export { gameTextsSetting, textFault } from './texts/tell.ts'
export { type GameTick, tickGame } from './tick.ts'
