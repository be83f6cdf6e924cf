import type { FactKind } from '../world/index.ts'

/**
 * What another service can be told of, in the order of an evening. Left out is what happens many times a minute, what only
 * redraws a page of ours, and what is for one person alone.
 */
export const OFFERED = [
  'show.started',
  'show.ended',
  'order.placed',
  'order.ended',
  'store.codesLow',
  'store.low',
  'bet.changed',
  'bet.ended',
  'goal.milestone',
  'goal.ended',
  'raffle.changed',
  'raffle.revealed',
  'raffle.ended',
  'round.ended',
  'rank.changed',
  'circle.changed',
  'tally.changed',
  'event.received',
  'redemption.waits',
  'tip.waits',
] as const satisfies readonly FactKind[]

export type OfferedKind = (typeof OFFERED)[number]
