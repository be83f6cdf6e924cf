export { FINISH_SECONDS } from './announce.ts'
export {
  type ActOnRaffle,
  actOn,
  needAct,
} from './byDesk.ts'
export {
  type RaffleFile,
  raffleFile,
  readRaffleFile,
  recheck,
} from './check.ts'
export { claimByPress, needClaim, speakUp } from './claim.ts'
export { closeWithShow } from './close.ts'
export { chanceInWords, type Entrant, pickLabel, pickMany, weightOf } from './draw.ts'
export { type Entered, enterRaffle, needEntry } from './enter.ts'
export { entrantsKey } from './entrants.ts'
export { fixedIn, raffleFaults, raffleHints } from './faults.ts'
export { drawnAnswer, Guessing, nearestFirst, offBy } from './guess.ts'
export { guessesKey } from './guesses.ts'
export { raffleHandlers } from './handlers.ts'
export { leaveRaffle } from './leave.ts'
export { type Person, personMay, takesEntries } from './mayEnter.ts'
export { makeRaffle, wordsOf } from './open.ts'
export {
  type Group,
  type Here,
  type Outlook,
  outlookOf,
  type Share,
  shareInWords,
  sharesOf,
  unfair,
} from './outlook.ts'
export {
  cheers,
  type Drawing,
  type EntryRow,
  type EntryState,
  entries,
  type HiddenDraw,
  hasEnded,
  openSetups,
  type RaffleRow,
  type RaffleStatus,
  type RevealedDraw,
  raffleFrom,
  raffles,
  raffleWins,
  runningRaffle,
  runningRaffles,
  type SetupRow,
  setupOf,
  setups,
  type TotalsRow,
  totals,
  type Waiting,
  type WinnerRow,
  type WinnerState,
  winners,
} from './rows.ts'
export {
  MOST_TICKETS,
  MOST_WEIGHT,
  MOST_WINNERS,
  NEAREST_GUESS,
  Opens,
  Prize,
  RaffleSettings,
  SAME_CHANCE,
  SPEND_FOR_MORE,
  storedRaffle,
  storedTemplate,
} from './schema.ts'
export { rulesInWords } from './sentences.ts'
export { aroundRaffles } from './setups.ts'
export { prizeInWords } from './tell.ts'
export type { RaffleTick } from './tick.ts'
export { addTickets, freeTickets, ticketsInWords, type Wanted, weightInWords } from './tickets.ts'
export { rescheduled } from './timers.ts'
