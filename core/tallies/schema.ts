import { type Static, Type } from '@sinclair/typebox'
import { closed, orNull, whole } from '../schema.ts'

/** A second kind of count per viewer: only ever awarded by steps or by hand, never earned by time and never spent. */
export const TallySettings = Type.Object(
  {
    name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
    one: Type.String({ minLength: 1, maxLength: 30, pattern: '\\S' }),
    many: Type.String({ minLength: 1, maxLength: 30, pattern: '\\S' }),
    /** What texts call it: {{ tally.KEY.count }}. */
    key: Type.String({ pattern: '^[a-z][a-z0-9_]{0,29}$' }),
    /** The most one can have; null: no limit. */
    ceiling: orNull(whole(1, 1_000_000_000)),
    /** Whether viewers can pass theirs on, by a step that does so. */
    passing: Type.Boolean(),
  },
  closed,
)
export type TallySettings = Static<typeof TallySettings>
