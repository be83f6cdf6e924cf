export { nameIn, needAct, play, readAct } from './act.ts'
export { gameKey, needPlayer, sitsOut } from './allowed.ts'
export { bossReturn, winChance } from './boss/boss.ts'
export { sizesOf } from './boss/game.ts'
export type { Strength } from './boss/schema.ts'
export { callOffOpen, needOpening, openForAll } from './byDesk.ts'
export { agrees, type CheckedStep } from './checked.ts'
export { bracketFor, stageName } from './cup/bracket.ts'
export { CupRules } from './cup/schema.ts'
export {
  Act,
  GAME_ABOUT,
  GAME_SETTINGS,
  type GameVerb,
  gameOf,
  gameWords,
  isForAll,
  OPENED_FOR_ALL,
  OPENS,
  type OpenedForAll,
  outcomesOf,
  type RoundState,
  RoundStates,
  recompute,
  returnsOf,
  SeatPlan,
  type SettingsOf,
  type StateOf,
  settingsFaults,
  type ToldRound,
  VERBS,
} from './declared.ts'
export { duelPot, duelWinner } from './duel/duel.ts'
export { type Evening, player, quickRandom, type Spread, tryEvenings } from './evening.ts'
export type { Fraction } from './fraction.ts'
export { inPercent } from './fraction.ts'
export { gameHandlers } from './handlers.ts'
export { crewsOf, siteFor } from './heist/crews.ts'
export {
  crewDigest,
  heistChance,
  heistOdds,
  type Member,
  paidAfter,
  playHeist,
  type Room,
  roomChance,
} from './heist/heist.ts'
export { HeistSite } from './heist/schema.ts'
export { SITES } from './heist/sites.ts'
export { GAME_NAMES, GAMES, type Game } from './names.ts'
export { averageOf, type Outcome, PLAIN_WAY, type Way } from './odds.ts'
export type { Typed } from './play.ts'
export { countStaked } from './pot.ts'
export { lineMet, machineOdds, spinPays, spinReels } from './reels/reels.ts'
export type { Machine } from './reels/schema.ts'
export { tunedTo } from './reels/tuned.ts'
export { effectInWords, expectedChange, paysTooMuch, returnsInWords, returnWarning } from './returns.ts'
export { betInWords } from './roulette/bets.ts'
export { returnedOf, spinWheel } from './roulette/roulette.ts'
export type { On } from './roulette/schema.ts'
export { colourOf } from './roulette/wheel.ts'
export {
  floors,
  isOver,
  needPlayerRow,
  type PlayerAt,
  players,
  type RoundRow,
  type RoundStatus,
  rounds,
  seats,
  seatsOf,
} from './rounds.ts'
export { GameWord, SeatState, Stakes, Wagering } from './schema.ts'
export { placesPaid, scramblePrize } from './scramble/scramble.ts'
export { gameSetting, gameSettings, settingsOf, wageringSetting, writeGame } from './settings.ts'
export { checkStakeWithin, readStakeWithin } from './stakes.ts'
export { gameTextsSetting, sampleText, textFault } from './tell.ts'
export { GAME_TEXTS, type GameTextKey, gameOfText } from './texts.ts'
export type { GameTick } from './tick.ts'
