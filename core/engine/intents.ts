import { betHandlers } from '../bets/index.ts'
import { buyingHandlers } from '../buying/index.ts'
import { commandHandlers } from '../commands/index.ts'
import { earningHandlers } from '../earning/index.ts'
import { enteringHandlers } from '../entering/index.ts'
import { eventHandlers } from '../events/index.ts'
import { gameHandlers } from '../games/index.ts'
import { goalHandlers } from '../goals/index.ts'
import { joiningHandlers } from '../joining/index.ts'
import { libraryHandlers } from '../library/index.ts'
import { peopleHandlers } from '../people/index.ts'
import { playingHandlers } from '../playing/index.ts'
import { raffleHandlers } from '../raffles/index.ts'
import { rankHandlers } from '../ranks/index.ts'
import { roomHandlers } from '../rooms/index.ts'
import { runHandlers } from '../runs/index.ts'
import { screenHandlers } from '../screen/index.ts'
import { settingsHandlers } from '../settings/index.ts'
import { showHandlers } from '../show/index.ts'
import { starterHandlers } from '../starter/index.ts'
import { storeHandlers } from '../store/index.ts'
import { tallyHandlers } from '../tallies/index.ts'
import { teamHandlers } from '../team/index.ts'
import { triggerHandlers } from '../triggers/index.ts'
import { voiceHandlers } from '../voice/index.ts'
import { webhookHandlers } from '../webhooks/index.ts'
import { wordHandlers } from '../words/index.ts'
import type { Envelope, Handler, World } from '../world/index.ts'
import { rotateSeed } from './rotateSeed.ts'
import { setUpChannel } from './setup.ts'
import { undoChange } from './undoChange.ts'

const all = {
  'channel.setUp': setUpChannel,
  'changes.undo': undoChange,
  'fairness.seed': rotateSeed,
  ...betHandlers,
  ...joiningHandlers,
  ...commandHandlers,
  ...wordHandlers,
  ...runHandlers,
  ...buyingHandlers,
  ...playingHandlers,
  ...enteringHandlers,
  ...earningHandlers,
  ...eventHandlers,
  ...gameHandlers,
  ...goalHandlers,
  ...libraryHandlers,
  ...peopleHandlers,
  ...raffleHandlers,
  ...rankHandlers,
  ...screenHandlers,
  ...settingsHandlers,
  ...showHandlers,
  ...starterHandlers,
  ...storeHandlers,
  ...tallyHandlers,
  ...teamHandlers,
  ...triggerHandlers,
  ...voiceHandlers,
  ...roomHandlers,
  ...webhookHandlers,
}

type IntentOf<H> = H extends { decide: (world: World, intent: infer I & Envelope) => unknown } ? I : never

type AnswerIn<R> = R extends { readonly ok: true; readonly value: infer A } ? A : never

/** Everything that can change a channel: whatever some feature has a handler for. */
export type Intent = { [K in keyof typeof all]: IntentOf<(typeof all)[K]> }[keyof typeof all]

/** What the sender of an intent is told, when it is done. */
export type AnswerTo<I extends Intent> = AnswerIn<ReturnType<(typeof all)[I['kind']]['decide']>>

/** The handler of each kind; one that stands under another kind than its intent's does not compile. */
export const handlers: { readonly [K in Intent['kind']]: Handler<Extract<Intent, { kind: K }>> } = all
