import * as commands from '../commands/index.ts'
import * as earning from '../earning/index.ts'
import {
  type DecideTip,
  decideTip,
  type MatchSupporter,
  matchSupporter,
  type ReceiveEvent,
  receiveEvent,
} from '../events/index.ts'
import type { ChangeSeed } from '../fairness/index.ts'
import * as games from '../games/index.ts'
import * as library from '../library/index.ts'
import * as people from '../people/index.ts'
import * as raffles from '../raffles/index.ts'
import * as ranks from '../ranks/index.ts'
import * as screen from '../screen/index.ts'
import { type ChangeHome, changeHome } from '../settings/index.ts'
import { type EndShow, endShow, type ShowGuest, type StartShow, showGuest, startShow } from '../show/index.ts'
import * as store from '../store/index.ts'
import * as tallies from '../tallies/index.ts'
import * as triggers from '../triggers/index.ts'
import * as voice from '../voice/index.ts'
import type { Handler } from '../world/index.ts'
import { rotateSeed } from './rotateSeed.ts'
import { type SetUpChannel, setUpChannel } from './setup.ts'

type EarningIntent =
  | earning.AllowancePaid
  | earning.Arrive
  | earning.ChangePlan
  | earning.ChangeZone
  | earning.DraftPlan
  | earning.EndGap
  | earning.Leave
  | earning.NoteGap
  | earning.PayAllowance
  | earning.PayGap
  | earning.PayWatching
  | earning.ScheduleTick
  | earning.SettleShow

type PeopleIntent =
  | people.AddPerson
  | people.AdjustBalances
  | people.ArchivePeople
  | people.ChangeHanding
  | people.ForgetPerson
  | people.IgnorePeople
  | people.ImportPeople
  | people.KeepPerson
  | people.LinkAccount
  | people.MergePeople
  | people.RemoveNote
  | people.UndoAdjustment
  | people.WriteNote

type RankIntent = ranks.ChangeRanks | ranks.CloseCircle | ranks.JoinCircle | ranks.ReviewPeople | ranks.SaveCircle

type CommandIntent =
  | commands.ChangeCurrency
  | commands.ChangeWords
  | commands.ChatLine
  | commands.CheckInByPage
  | commands.ContinueRun
  | commands.RemoveCommand
  | commands.SaveCommand
  | commands.SwitchCommand
  | commands.UseCommand
  | tallies.CloseTally
  | tallies.CorrectTally
  | tallies.SaveTally
  | triggers.DecideRedemption
  | triggers.RemoveTrigger
  | triggers.RunTrigger
  | triggers.SaveTrigger
  | triggers.SwitchTrigger
  | triggers.TickTrigger
  | voice.ChangeVoice
  | voice.Tell
  | voice.TestVoice

type ScreenIntent =
  | library.AddMedia
  | library.RemoveAlert
  | library.RemoveMedia
  | library.RenameMedia
  | screen.AddOverlay
  | screen.ControlAlerts
  | screen.RemoveOverlay
  | screen.RenewOverlay
  | screen.SaveAlert
  | screen.SaveOverlay
  | screen.TestAlert

type GameIntent =
  | commands.ChangeGame
  | commands.ChangeGameText
  | commands.ChangeWagering
  | commands.PlayGame
  | games.CallOffRound
  | games.ChangeCup
  | games.GameTick
  | games.OpenCup
  | games.OpenGame

type RaffleIntent =
  | commands.ChangeRaffle
  | commands.ClaimPrize
  | commands.EnterRaffle
  | commands.StartRaffle
  | raffles.ActOnRaffle
  | raffles.PassOverWinner
  | raffles.RaffleTick
  | raffles.RecordWinner
  | raffles.RemoveEntrant
  | raffles.RemoveSetup
  | raffles.SaveSetup

type StoreIntent =
  | commands.PlaceOrder
  | commands.SaveReward
  | commands.Unlock
  | store.AddCodes
  | store.ArchiveReward
  | store.ArrangeRewards
  | store.EndPerk
  | store.EraseAddress
  | store.FinishOrder
  | store.GiveBackOrder
  | store.ReopenOrder
  | store.SwitchRewards
  | store.TakeOrder

/** Everything that can change a channel. */
export type Intent =
  | CommandIntent
  | EarningIntent
  | GameIntent
  | PeopleIntent
  | RaffleIntent
  | RankIntent
  | ScreenIntent
  | StoreIntent
  | ChangeHome
  | ChangeSeed
  | EndShow
  | MatchSupporter
  | DecideTip
  | ReceiveEvent
  | SetUpChannel
  | ShowGuest
  | StartShow

type Handlers = { readonly [K in Intent['kind']]: Handler<Extract<Intent, { kind: K }>> }

/** One handler for each kind; a kind without one does not compile. */
export const handlers: Handlers = {
  'alert.remove': library.removeAlert,
  'alert.save': screen.saveAlert,
  'channel.home': changeHome,
  'channel.setUp': setUpChannel,
  'channel.zone': earning.changeZone,
  'chat.line': commands.chatLine,
  'chat.tell': voice.tell,
  'chat.test': voice.testVoice,
  'chat.voice': voice.changeVoice,
  'chat.words': commands.changeWords,
  'circle.close': ranks.closeCircle,
  'circle.join': ranks.joinCircle,
  'circle.save': ranks.saveCircle,
  'command.remove': commands.removeCommand,
  'command.save': commands.saveCommand,
  'command.switch': commands.switchCommand,
  'command.use': commands.carryOutByDesk,
  'currency.change': commands.changeCurrency,
  'earning.allowance': earning.payAllowance,
  'earning.allowancePaid': earning.allowancePaid,
  'earning.change': earning.changePlan,
  'earning.draft': earning.draftPlan,
  'earning.endGap': earning.endGap,
  'earning.pay': earning.payPresent,
  'earning.payGap': earning.payGap,
  'earning.schedule': earning.scheduleTick,
  'event.received': receiveEvent,
  'fairness.seed': rotateSeed,
  'cup.change': games.changeCup,
  'cup.open': games.openCupByDesk,
  'game.callOff': games.callOffRound,
  'game.change': commands.changeGame,
  'game.open': games.openGame,
  'game.play': commands.playByPage,
  'game.text': commands.changeGameText,
  'game.tick': games.tickGame,
  'game.wagering': commands.changeWagering,
  'media.add': library.addMedia,
  'media.remove': library.removeMedia,
  'media.rename': library.renameMedia,
  'people.add': people.addPerson,
  'people.adjust': people.adjustBalances,
  'people.archive': people.archivePeople,
  'people.checkIn': commands.checkInByPage,
  'people.forget': people.forgetPerson,
  'people.handing': people.changeHanding,
  'people.ignore': people.ignorePeople,
  'people.import': people.importPeople,
  'people.keep': people.keepPerson,
  'people.link': people.linkAccount,
  'people.merge': people.mergePeople,
  'people.note': people.writeNote,
  'people.removeNote': people.removeNote,
  'people.undo': people.undoAdjustment,
  'presence.arrived': earning.arrive,
  'presence.gap': earning.noteGap,
  'presence.left': earning.leave,
  'raffle.act': raffles.actOnRaffle,
  'raffle.change': commands.changeRaffle,
  'raffle.claim': commands.claimByPage,
  'raffle.enter': commands.enterByPage,
  'raffle.pass': raffles.passOverWinner,
  'raffle.record': raffles.recordWinner,
  'raffle.remove': raffles.removeEntrant,
  'raffle.removeSetup': raffles.removeSetup,
  'raffle.saveSetup': raffles.saveSetup,
  'raffle.start': commands.startRaffle,
  'raffle.tick': raffles.tickRaffle,
  'ranks.change': ranks.changeRanks,
  'ranks.review': ranks.reviewPeople,
  'redemption.decide': triggers.decideRedemption,
  'run.continue': commands.continueRun,
  'screen.add': screen.addOverlay,
  'screen.control': screen.controlAlerts,
  'screen.remove': screen.removeOverlay,
  'screen.renew': screen.renewOverlay,
  'screen.save': screen.saveOverlay,
  'screen.test': screen.testAlert,
  'show.end': endShow,
  'show.guest': showGuest,
  'show.settled': earning.settleShow,
  'show.start': startShow,
  'store.archive': store.archiveReward,
  'store.arrange': store.arrangeRewards,
  'store.buy': commands.placeByPage,
  'store.codes': store.addCodes,
  'store.done': store.finishOrder,
  'store.erase': store.eraseAddress,
  'store.giveBack': store.giveBackOrder,
  'store.perk': store.endPerk,
  'store.reopen': store.reopenOrder,
  'store.save': commands.saveReward,
  'store.switch': store.switchRewards,
  'store.take': store.takeOrder,
  'store.unlock': commands.unlockRewards,
  'supporter.match': matchSupporter,
  'tip.decide': decideTip,
  'tally.close': tallies.closeTally,
  'tally.correct': tallies.correctTally,
  'tally.save': tallies.saveTally,
  'trigger.remove': triggers.removeTrigger,
  'trigger.run': triggers.runTrigger,
  'trigger.save': triggers.saveTrigger,
  'trigger.switch': triggers.switchTrigger,
  'trigger.tick': triggers.tickTrigger,
}
