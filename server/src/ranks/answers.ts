import { type Static, Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { RankPlan } from '#core/ranks'
import { Count, exactly, Id, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

export const CircleRules = exactly({
  hours: orNull(Count),
  shows: orNull(exactly({ least: Count, of: Count })),
  followerDays: orNull(Count),
  subscriberMonths: orNull(Count),
  rank: orNull(Id),
})

export const CircleRow = exactly({
  id: Id,
  name: Type.String(),
  rules: CircleRules,
  keep: Type.Boolean(),
  goneAt: orNull(UnixSeconds),
})

/** What most people have: 1 in 10 at most `low`, half at most `half`, 9 in 10 at most `high`. */
export const Spread = exactly({ low: Count, half: Count, high: Count })

export const Ranks = exactly({
  plan: RankPlan,
  circles: Type.Array(CircleRow),
  counts: exactly({
    ranks: Type.Array(exactly({ id: orNull(Id), count: Count, watchedSeconds: Spread, earned: Spread })),
    circles: Type.Array(exactly({ id: Id, count: Count })),
  }),
  currency: Currency,
})

/** Somebody whose rank a change of the ranks would change. */
export const RankMove = exactly({ name: Type.String(), before: orNull(Type.String()), after: orNull(Type.String()) })

export type RankMove = Unchangeable<Static<typeof RankMove>>

export const RankMoves = exactly({
  rises: exactly({ count: Count, people: Type.Array(RankMove) }),
  falls: exactly({ count: Count, people: Type.Array(RankMove) }),
})

/** `value`: units of currency, or seconds. */
export const Place = exactly({ place: Count, id: Id, name: Type.String(), value: Count })

export type Place = Unchangeable<Static<typeof Place>>
