import { type Static, Type } from '@sinclair/typebox'
import { StandingName } from '../earning/index.ts'
import { closed, Id, orNull, Rest, whole } from '../schema.ts'
import { Asked } from './requirements.ts'

const Limit = whole(0, 1_000_000)

/** Who may use something: everyone, or whoever is one of these. Nobody where all is empty. */
export const Who = Type.Object(
  {
    everyone: Type.Boolean(),
    streamer: Type.Boolean(),
    standings: Type.Array(StandingName, { maxItems: 60 }),
    /** The id of a rank: this one and every higher one. */
    rank: orNull(Id),
    /** Ids of viewers. */
    people: Type.Array(Id, { maxItems: 100 }),
    /** What is asked of everybody of these; left out: nothing. */
    asks: Type.Optional(Asked),
  },
  closed,
)
export type Who = Static<typeof Who>

/** How often something may be used; 0: as often as one likes. Seconds of rest, and times in one show. */
export const Limits = Type.Object(
  { everyoneSeconds: Rest, eachSeconds: Rest, perViewer: Limit, perShow: Limit },
  closed,
)
export type Limits = Static<typeof Limits>
