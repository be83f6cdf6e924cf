import { type Static, Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { RankPlan } from '#core/ranks'
import { Count, exactly, Id, orNull } from '#core/schema'
import type { Unchangeable } from '#core/world'
import { CircleRow } from '../people/index.ts'

export const DeskRanksAnswer = exactly({
  plan: RankPlan,
  circles: Type.Array(CircleRow),
  counts: exactly({
    ranks: Type.Array(exactly({ id: orNull(Id), count: Count })),
    circles: Type.Array(exactly({ id: Id, count: Count })),
  }),
  currency: Currency,
})

/** Somebody whose rank a change of the ranks would change. */
export const RankMove = exactly({ name: Type.String(), before: orNull(Type.String()), after: orNull(Type.String()) })

export type RankMove = Unchangeable<Static<typeof RankMove>>

export const DeskRanksPreviewAnswer = exactly({
  rises: exactly({ count: Count, people: Type.Array(RankMove) }),
  falls: exactly({ count: Count, people: Type.Array(RankMove) }),
})

/** `value`: units of currency, or seconds. */
export const Place = exactly({ place: Type.Number(), id: Id, name: Type.String(), value: Type.Number() })

export type Place = Unchangeable<Static<typeof Place>>
