export { gameKey, needPlayer, sitsOut } from './allowed.ts'
export { betInWords } from './bets.ts'
export { bossReturn, type Strength, winChance } from './boss/boss.ts'
export {
  callOffOpen,
  isForAll,
  needOpening,
  OPENED_FOR_ALL,
  type OpenedForAll,
  openForAll,
} from './byDesk.ts'
export { agrees, type CheckedStep, recompute, type ToldRound } from './check.ts'
export { bracketFor, stageName } from './cup/bracket.ts'
export type { CupState } from './cup/state.ts'
export { duelPot, duelWinner } from './duel.ts'
export { type Evening, player, quickRandom, type Spread, tryEvenings } from './evening.ts'
export { settingsFaults } from './faults.ts'
export type { Fraction } from './fraction.ts'
export { inPercent } from './fraction.ts'
export { gameHandlers } from './handlers.ts'
export {
  crewDigest,
  heistChance,
  heistOdds,
  type Member,
  paidAfter,
  playHeist,
  type Room,
  roomChance,
} from './heist.ts'
export { GAME_NAMES } from './names.ts'
export { averageOf, type Outcome, outcomesOf, PLAIN_WAY, type Way } from './outcomes.ts'
export { Act, gameOf, needAct, play } from './play/act.ts'
export { siteFor } from './play/heist.ts'
export { readSpan } from './play/sitOut.ts'
export { countStaked } from './pot.ts'
export { lineMet, type Machine, machineOdds, spinPays, spinReels } from './reels.ts'
export {
  crewsOf,
  effectInWords,
  expectedChange,
  paysTooMuch,
  returnsInWords,
  returnsOf,
  returnWarning,
  sizesOf,
} from './returns.ts'
export { type On, returnedOf, spinWheel } from './roulette.ts'
export type {
  BossState,
  CoinState,
  DuelState,
  HeistState,
  ReelsState,
  RouletteState,
  ScrambleState,
} from './rounds.ts'
export {
  floors,
  isOver,
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
  seatsOf,
} from './rounds.ts'
export {
  CupRules,
  GAME_SETTINGS,
  GAMES,
  type Game,
  GameWord,
  HeistSite,
  type SettingsOf,
  Stakes,
  Wagering,
} from './schema.ts'
export { placesPaid, scramblePrize } from './scramble/scramble.ts'
export {
  type GameVerb,
  gameSetting,
  gameSettings,
  gameWords,
  settingsOf,
  wageringSetting,
  writeGame,
} from './settings.ts'
export { SITES } from './sites.ts'
export { checkStakeWithin, readStakeWithin } from './stakes.ts'
export { GAME_TEXTS, type GameTextKey } from './texts/catalogue.ts'
export { gameTextsSetting, sampleText, textFault } from './texts/tell.ts'
export type { GameTick } from './tick.ts'
export { tunedTo } from './tuned.ts'
export { colourOf } from './wheel.ts'
