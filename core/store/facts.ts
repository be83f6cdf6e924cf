import { Type } from '@sinclair/typebox'
import { Amount, Count, OrderId, oneOf, orNull, RewardId, UnixSeconds, ViewerId } from '../schema.ts'
import { ORDER_STATUSES } from './orders.ts'

const Status = oneOf(ORDER_STATUSES)

import { fact } from '../world/index.ts'

/** What is told of the store and its orders. */
export const storeFacts = {
  'order.back': fact(['desk'], 'An order that was done is back in the queue.', {
    order: OrderId,
    viewer: ViewerId,
    viewerName: Type.String(),
    rewardName: Type.String(),
    price: Amount,
    text: orNull(Type.String()),
    status: Status,
  }),
  'order.changed': fact(['viewer'], 'Their order stands otherwise.', {
    order: OrderId,
    status: Status,
    balance: Amount,
  }),
  'order.ended': fact(['desk'], 'An order was done or refunded, or is active for its time.', {
    order: OrderId,
    status: Status,
    by: orNull(Type.String()),
    viewer: ViewerId,
    rewardName: Type.String(),
  }),
  'order.placed': fact(['desk'], 'Somebody bought a reward.', {
    order: OrderId,
    viewer: ViewerId,
    viewerName: Type.String(),
    rewardName: Type.String(),
    price: Amount,
    text: orNull(Type.String()),
    status: Status,
    reward: RewardId,
  }),
  'order.taken': fact(['desk'], 'Somebody at the desk sees to an order; null: nobody any more.', {
    order: OrderId,
    by: orNull(Type.String()),
  }),
  'store.changed': fact(['everyone', 'desk', 'viewer'], 'What is sold, or how, has changed. 0: more than one reward.', {
    reward: Type.Optional(Count),
  }),
  'store.codesLow': fact(['desk'], 'Few codes of a reward are left.', {
    reward: RewardId,
    name: Type.String(),
    left: Count,
  }),
  'store.low': fact(['desk'], 'A reward is down to the number that the streamer wants to hear of.', {
    reward: RewardId,
    name: Type.String(),
    left: Count,
  }),
  'store.rests': fact(['everyone'], 'A reward is on cooldown for everybody.', { reward: RewardId, until: UnixSeconds }),
  'store.stock': fact(['everyone'], 'So many of a reward are left.', { reward: RewardId, left: Count }),
}

type Declared = typeof storeFacts
declare module '../world/facts.ts' {
  interface Facts extends Declared {}
}
