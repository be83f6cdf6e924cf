import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { EarningPlan } from '#core/earning'
import { Amount, Count, exactly, Id, OrderId, oneOf, orNull, RewardId, UnixSeconds, ViewerId } from '#core/schema'
import { PictureRef } from '#core/screen'
import { Asks, KINDS, ORDER_STATUSES } from '#core/store'

export const DeskOrder = exactly({
  id: Id,
  reward: RewardId,
  rewardName: Type.String(),
  viewer: ViewerId,
  viewerName: Type.String(),
  price: Amount,
  text: orNull(Type.String()),
  status: oneOf(ORDER_STATUSES),
  placedAt: UnixSeconds,
  endedAt: orNull(UnixSeconds),
  endedBy: orNull(Type.String()),
  takenBy: orNull(Type.String()),
  endsAt: orNull(UnixSeconds),
  byHand: Type.Boolean(),
  posted: Type.Boolean(),
})

export const WaitingOrders = exactly({ orders: Type.Array(DeskOrder) })

export const OrderCounts = exactly({
  open: Count,
  running: Count,
  done: Count,
  refunded: Count,
})

export const OrdersPage = exactly({
  orders: Type.Array(DeskOrder),
  after: orNull(Count),
  counts: OrderCounts,
})

export const ShelfReward = exactly({
  id: Id,
  word: Type.String(),
  command: Type.Boolean(),
  name: Type.String(),
  description: Type.String(),
  group: Type.String(),
  price: Amount,
  /** What it costs of a tally, and how much of that the caller has. */
  tally: orNull(exactly({ one: Type.String(), many: Type.String(), count: Count, has: orNull(Count) })),
  kind: oneOf(KINDS),
  picture: PictureRef,
  asks: Asks,
  confirm: Type.String(),
  post: orNull(Count),
  lasts: orNull(Count),
  left: orNull(Count),
  limits: Type.Array(Type.String()),
  why: orNull(
    exactly({
      code: Type.String(),
      sentence: Type.String(),
      until: orNull(UnixSeconds),
    }),
  ),
})

export const Shelf = exactly({
  at: UnixSeconds,
  changesAt: orNull(UnixSeconds),
  seq: Count,
  slug: Type.String(),
  /** Nothing is bought, played or entered for now. */
  paused: Type.Boolean(),
  /** Whether anything is earned or spent. */
  economy: Type.Boolean(),
  name: Type.String(),
  currency: Currency,
  plan: EarningPlan,
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  words: exactly({ here: Type.String(), get: Type.String() }),
  show: orNull(exactly({ title: Type.String(), startedAt: UnixSeconds })),
  rewards: Type.Array(ShelfReward),
  secrets: Type.Boolean(),
  games: Type.Boolean(),
  raffles: Type.Boolean(),
  bets: Type.Boolean(),
  goals: Type.Boolean(),
  signedIn: orNull(Type.String()),
})

const Named = exactly({ id: Id, name: Type.String() })

export const OpenNow = exactly({ raffles: Type.Array(Named), bets: Type.Array(Named), goals: Type.Array(Named) })

export const OwnOrder = exactly({
  id: Id,
  rewardName: Type.String(),
  price: Amount,
  text: orNull(Type.String()),
  status: oneOf(ORDER_STATUSES),
  placedAt: UnixSeconds,
  endedAt: orNull(UnixSeconds),
  endsAt: orNull(UnixSeconds),
  code: orNull(Type.String()),
  place: orNull(Count),
  posted: Type.Boolean(),
})

export const OwnView = exactly({
  name: Type.String(),
  /** They are the channel's test viewer: what they buy is in no figure. */
  test: Type.Boolean(),
  balance: Amount,
  present: Type.Boolean(),
  watchedSeconds: Count,
  orders: Type.Array(OwnOrder),
})

export const Bought = exactly({
  code: orNull(Type.String()),
  order: OrderId,
  status: oneOf(ORDER_STATUSES),
  price: Amount,
  balance: Amount,
})

export const Holdings = exactly({ people: Count, steps: Type.Array(Count) })

export const Sales = exactly({ reward: RewardId, name: Type.String(), price: Amount, sold: Count })

/** What became of an order; its status, where that has changed. */
export const OrderChanged = exactly({ order: OrderId, status: Type.Optional(oneOf(ORDER_STATUSES)) })
