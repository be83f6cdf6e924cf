import { type ChangeVoice, type ChatLine, changeVoice, chatLine, type TestVoice, testVoice } from '../commands/index.ts'
import {
  type Arrive,
  arrive,
  type ChangePlan,
  type ChangeSupport,
  changePlan,
  changeSupport,
  type Leave,
  leave,
  type PayWatching,
  payPresent,
  type ScheduleTick,
  scheduleTick,
} from '../earning/index.ts'
import { type ReceiveEvent, receiveEvent } from '../events/index.ts'
import { type AdjustBalances, adjustBalances, type UndoAdjustment, undoAdjustment } from '../people/index.ts'
import {
  type AddOverlay,
  addOverlay,
  type RenewOverlay,
  renewOverlay,
  type TestAlert,
  testAlert,
} from '../screen/index.ts'
import { type EndShow, endShow, type SettleShow, type StartShow, settleShow, startShow } from '../show/index.ts'
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

/** Everything that can change a channel. */
export type Intent =
  | AddOverlay
  | AdjustBalances
  | AddReward
  | Arrive
  | ChangePlan
  | ChangeSupport
  | ChangeVoice
  | ChatLine
  | EndShow
  | FinishOrder
  | GiveBackOrder
  | Leave
  | PayWatching
  | PlaceOrder
  | ReceiveEvent
  | RenewOverlay
  | ReopenOrder
  | ScheduleTick
  | SettleShow
  | SetUpChannel
  | StartShow
  | TestAlert
  | TestVoice
  | UndoAdjustment

type Handlers = { readonly [K in Intent['kind']]: Handler<Extract<Intent, { kind: K }>> }

/** One handler for each kind; a kind without one does not compile. */
export const handlers: Handlers = {
  'channel.setUp': setUpChannel,
  'chat.line': chatLine,
  'chat.test': testVoice,
  'chat.voice': changeVoice,
  'earning.change': changePlan,
  'earning.changeSupport': changeSupport,
  'earning.pay': payPresent,
  'earning.schedule': scheduleTick,
  'event.received': receiveEvent,
  'people.adjust': adjustBalances,
  'people.undo': undoAdjustment,
  'presence.arrived': arrive,
  'presence.left': leave,
  'screen.add': addOverlay,
  'screen.renew': renewOverlay,
  'screen.test': testAlert,
  'show.end': endShow,
  'show.settled': settleShow,
  'show.start': startShow,
  'store.add': addReward,
  'store.buy': placeByPage,
  'store.done': finishOrder,
  'store.giveBack': giveBackOrder,
  'store.reopen': reopenOrder,
}
