import { type Static, Type } from '@sinclair/typebox'
import { StandingName } from '../earning/index.ts'
import { CircleRules } from '../people/index.ts'
import { closed, exactly, orNull, whole } from '../schema.ts'

/** The badges that a rank can wear: shapes of the workshop, told apart without colour. */
export const BADGES = [
  ...(['sprout', 'leaf', 'star', 'sun', 'mountain'] as const),
  ...(['washer', 'bolt', 'cog', 'lamp', 'key', 'anvil'] as const),
] as const
export type Badge = (typeof BADGES)[number]

/** A title. `from`: whole minutes watched, or currency earned in all, as the measure is. */
export const Rank = Type.Object(
  {
    id: whole(1, 1_000_000),
    name: Type.String({ minLength: 1, maxLength: 40 }),
    from: whole(0, Number.MAX_SAFE_INTEGER),
    needs: orNull(StandingName),
    badge: Type.Union(BADGES.map((badge) => Type.Literal(badge))),
  },
  closed,
)
export type Rank = Static<typeof Rank>

/** The ranks of a channel, and what they go by. */
export const RankPlan = Type.Object(
  {
    measure: Type.Union([Type.Literal('hours'), Type.Literal('earned')]),
    ranks: Type.Array(Rank, { maxItems: 50 }),
    /** A Liquid text said in chat on a promotion; empty: nothing. */
    announce: Type.String({ maxLength: 300 }),
  },
  closed,
)
export type RankPlan = Static<typeof RankPlan>

/** What the streamer sets of a circle. */
export const CircleSettings = exactly({
  name: Type.String({ minLength: 1, maxLength: 40 }),
  keep: Type.Boolean(),
  rules: CircleRules,
})
export type CircleSettings = Static<typeof CircleSettings>
