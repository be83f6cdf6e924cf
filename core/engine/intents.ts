import {
  type ChangeCurrency,
  type ChangeVoice,
  type ChangeWords,
  type ChatLine,
  type CheckInByPage,
  changeCurrency,
  changeVoice,
  changeWords,
  chatLine,
  checkInByPage,
  type Tell,
  type TestVoice,
  tell,
  testVoice,
} from '../commands/index.ts'
import * as earning from '../earning/index.ts'
import { type MatchSupporter, matchSupporter, type ReceiveEvent, receiveEvent } from '../events/index.ts'
import * as people from '../people/index.ts'
import * as ranks from '../ranks/index.ts'
import {
  type AddOverlay,
  addOverlay,
  type RenewOverlay,
  renewOverlay,
  type TestAlert,
  testAlert,
} from '../screen/index.ts'
import { type EndShow, endShow, type ShowGuest, type StartShow, showGuest, startShow } from '../show/index.ts'
import {
  type AddReward,
  addReward,
  type FinishOrder,
  finishOrder,
  type GiveBackOrder,
  giveBackOrder,
  type PlaceOrder,
  placeByPage,
  type ReopenOrder,
  reopenOrder,
} from '../store/index.ts'
import type { Handler } from '../world/index.ts'
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
  | people.MergePeople
  | people.RemoveNote
  | people.UndoAdjustment
  | people.WriteNote

type RankIntent = ranks.ChangeRanks | ranks.CloseCircle | ranks.JoinCircle | ranks.ReviewPeople | ranks.SaveCircle

/** Everything that can change a channel. */
export type Intent =
  | EarningIntent
  | PeopleIntent
  | RankIntent
  | AddOverlay
  | AddReward
  | ChangeCurrency
  | ChangeVoice
  | ChangeWords
  | ChatLine
  | CheckInByPage
  | EndShow
  | FinishOrder
  | GiveBackOrder
  | MatchSupporter
  | PlaceOrder
  | ReceiveEvent
  | RenewOverlay
  | ReopenOrder
  | SetUpChannel
  | ShowGuest
  | StartShow
  | Tell
  | TestAlert
  | TestVoice

type Handlers = { readonly [K in Intent['kind']]: Handler<Extract<Intent, { kind: K }>> }

/** One handler for each kind; a kind without one does not compile. */
export const handlers: Handlers = {
  'channel.setUp': setUpChannel,
  'channel.zone': earning.changeZone,
  'chat.line': chatLine,
  'chat.tell': tell,
  'chat.test': testVoice,
  'chat.voice': changeVoice,
  'chat.words': changeWords,
  'circle.close': ranks.closeCircle,
  'circle.join': ranks.joinCircle,
  'circle.save': ranks.saveCircle,
  'currency.change': changeCurrency,
  'earning.allowance': earning.payAllowance,
  'earning.allowancePaid': earning.allowancePaid,
  'earning.change': earning.changePlan,
  'earning.draft': earning.draftPlan,
  'earning.endGap': earning.endGap,
  'earning.pay': earning.payPresent,
  'earning.payGap': earning.payGap,
  'earning.schedule': earning.scheduleTick,
  'event.received': receiveEvent,
  'people.add': people.addPerson,
  'people.adjust': people.adjustBalances,
  'people.archive': people.archivePeople,
  'people.checkIn': checkInByPage,
  'people.forget': people.forgetPerson,
  'people.handing': people.changeHanding,
  'people.ignore': people.ignorePeople,
  'people.import': people.importPeople,
  'people.keep': people.keepPerson,
  'people.merge': people.mergePeople,
  'people.note': people.writeNote,
  'people.removeNote': people.removeNote,
  'people.undo': people.undoAdjustment,
  'presence.arrived': earning.arrive,
  'presence.gap': earning.noteGap,
  'presence.left': earning.leave,
  'ranks.change': ranks.changeRanks,
  'ranks.review': ranks.reviewPeople,
  'screen.add': addOverlay,
  'screen.renew': renewOverlay,
  'screen.test': testAlert,
  'show.end': endShow,
  'show.guest': showGuest,
  'show.settled': earning.settleShow,
  'show.start': startShow,
  'store.add': addReward,
  'store.buy': placeByPage,
  'store.done': finishOrder,
  'store.giveBack': giveBackOrder,
  'store.reopen': reopenOrder,
  'supporter.match': matchSupporter,
}
