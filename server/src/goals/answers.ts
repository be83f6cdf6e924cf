import { Type } from '@sinclair/typebox'
import { Currency } from '#core/currency'
import { GoalSettings, GoalWords } from '#core/goals'
import { Amount, Count, exactly, GoalId, Id, oneOf, orNull, UnixSeconds, ViewerId } from '#core/schema'
import { PictureRef } from '#core/screen'

export const GoalStatus = oneOf(['planned', 'open', 'returning', 'reached', 'missed', 'off'])

const Giver = exactly({ name: Type.String(), paid: Amount })

/** A goal as everybody may know it. */
export const GoalHead = exactly({
  id: GoalId,
  title: Type.String(),
  description: Type.String(),
  word: Type.String(),
  picture: PictureRef,
  target: Amount,
  /** The milestones in order; the first `reached` are behind it. */
  milestones: Type.Array(exactly({ at: Amount, name: Type.String() })),
  reached: Count,
  status: GoalStatus,
  openedAt: orNull(UnixSeconds),
  endsAt: orNull(UnixSeconds),
  endedAt: orNull(UnixSeconds),
  unreached: oneOf(['refund', 'keep']),
  smallest: Amount,
  largest: Amount,
  withdraw: Type.Boolean(),
  why: orNull(Type.String()),
  people: Count,
  paid: Amount,
  lastName: Type.String(),
  lastAmount: Amount,
})

/** A goal as the desk knows it. */
export const DeskGoal = exactly({ ...GoalHead.properties, settings: GoalSettings, byName: Type.String() })

export const DeskGoals = exactly({
  now: UnixSeconds,
  running: Type.Array(DeskGoal),
  words: GoalWords,
  currency: Currency,
  alerts: Type.Array(exactly({ id: Id, name: Type.String() })),
  timeZone: Type.String(),
})

export const EndedGoals = exactly({ goals: Type.Array(DeskGoal) })

export const GoalGivers = exactly({
  givers: Type.Array(exactly({ viewer: ViewerId, ...Giver.properties, back: Amount, at: UnixSeconds })),
})

/** What the caller has in a goal. `why`: why they may not chip in; null: they may. */
const OwnPart = exactly({ paid: Amount, why: orNull(Type.String()) })

export const GoalsView = exactly({
  now: UnixSeconds,
  currency: Currency,
  word: Type.String(),
  balance: orNull(Amount),
  running: Type.Array(exactly({ ...GoalHead.properties, givers: Type.Array(Giver), own: orNull(OwnPart) })),
  ended: Type.Array(exactly({ ...GoalHead.properties, own: orNull(OwnPart) })),
})
