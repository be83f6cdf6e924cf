import { type Static, Type } from '@sinclair/typebox'
import { Count, closed, exactly, type Fixed, orNull, whole } from '../../schema.ts'
import { GameWord, gameSettings, Name, Stakes } from '../schema.ts'

const Line = Type.String({ maxLength: 160 })

/** One room of a site: how likely one gets through (parts per million), what leaving after it pays (hundredths), and its story. */
export const SiteRoom = Type.Object(
  {
    name: Name,
    throughPpm: whole(1, 1_000_000),
    multiplier: whole(1, 100_000),
    /** Said when nobody was caught in it, and when somebody was. */
    through: Line,
    caught: Line,
  },
  closed,
)

/** Where a heist goes: with a crew of so many or more. */
export const HeistSite = Type.Object(
  {
    name: Name,
    fromCrew: whole(1, 100_000),
    bonusPpm: whole(0, 100_000),
    capPpm: whole(1, 1_000_000),
    rooms: Type.Array(SiteRoom, { minItems: 1, maxItems: 8 }),
  },
  closed,
)
export type HeistSite = Static<typeof HeistSite>

export const HeistSettings = gameSettings({
  stakes: Stakes,
  out: GameWord,
  gatherSeconds: whole(10, 600),
  leastCrew: whole(1, 1000),
  mostCrew: whole(1, 100_000),
  /** Between two rooms. */
  pauseSeconds: whole(3, 120),
  /** Whether chat is told when the next heist can be started. */
  notice: Type.Boolean(),
  sites: Type.Array(HeistSite, { minItems: 1, maxItems: 10 }),
})
export type HeistSettings = Static<typeof HeistSettings>

export const HeistState = exactly({
  of: Type.Literal('heist'),
  /** Where it goes: known once the crew is. */
  site: orNull(HeistSite),
  /** Rooms gone through, numbers drawn so far, and who is inside still. */
  step: Count,
  drawn: Count,
  inside: Count,
})
export type HeistState = Fixed<Static<typeof HeistState>>

/** After which room they go. */
export const HeistPlan = { leaveAfter: Type.Optional(Count) }
