import { carryOutByDesk } from './byDesk.ts'
import { checkInByPage } from './checkIn.ts'
import { changeGame, changeGameText, changeWagering } from './games/change.ts'
import { playByPage } from './games/playByPage.ts'
import { chatLine } from './line.ts'
import { claimByPage, enterByPage } from './raffles/byPage.ts'
import { changeRaffle, startRaffle } from './raffles/start.ts'
import { removeCommand, saveCommand, switchCommand } from './save.ts'
import { continueRun } from './steps/finish.ts'
import { placeByPage, unlockRewards } from './store/buyByPage.ts'
import { saveReward } from './store/saveReward.ts'
import { changeCurrency, changeWords } from './words.ts'

/** How each intent of commands is decided, by its kind. */
export const commandHandlers = {
  'chat.line': chatLine,
  'chat.words': changeWords,
  'command.remove': removeCommand,
  'command.save': saveCommand,
  'command.switch': switchCommand,
  'command.use': carryOutByDesk,
  'currency.change': changeCurrency,
  'game.change': changeGame,
  'game.play': playByPage,
  'game.text': changeGameText,
  'game.wagering': changeWagering,
  'people.checkIn': checkInByPage,
  'raffle.change': changeRaffle,
  'raffle.claim': claimByPage,
  'raffle.enter': enterByPage,
  'raffle.start': startRaffle,
  'run.continue': continueRun,
  'store.buy': placeByPage,
  'store.save': saveReward,
  'store.unlock': unlockRewards,
}
