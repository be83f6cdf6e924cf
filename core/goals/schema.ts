import { type Static, Type } from '@sinclair/typebox'
import { EVERYONE_MAY, Who } from '../access/index.ts'
import { GameWord } from '../games/index.ts'
import { exactly, IdOrNull, oneOf, orNull, SetAmount, UnixSeconds, whole } from '../schema.ts'
import { StillRef } from '../screen/index.ts'
import { Steps } from '../steps/index.ts'
import { stored, textIn } from '../world/index.ts'

/** An amount on the way to a goal, what it is called, and what happens once it is reached. */
const Milestone = exactly({
  at: whole(1, 1_000_000_000),
  name: Type.String({ minLength: 1, maxLength: 60, pattern: '\\S' }),
  steps: Steps,
})
export type Milestone = Static<typeof Milestone>

/** What viewers chip in for together. */
export const GoalSettings = exactly({
  /** What is promised. */
  title: Type.String({ minLength: 1, maxLength: 120, pattern: '\\S' }),
  description: Type.String({ maxLength: 300 }),
  /** By which it is told from others in chat. */
  word: Type.String({ pattern: '^[\\p{L}\\p{N}_-]{1,20}$' }),
  picture: StillRef,
  target: whole(1, 1_000_000_000),
  milestones: Type.Array(Milestone, { maxItems: 10 }),
  /** What happens once it is reached. */
  steps: Steps,
  endsAt: orNull(UnixSeconds),
  /** What becomes of the money where it is not reached: it goes back, or it is spent all the same. */
  unreached: oneOf(['refund', 'keep']),
  smallest: whole(1, 1_000_000_000),
  /** The most from one person in all; 0: no limit. */
  largest: SetAmount,
  /** Whether one can take one's own part back while it is open. */
  withdraw: Type.Boolean(),
  who: Who,
  onAir: Type.Boolean(),
  /** One that is planned opens by itself once another is reached. */
  follows: Type.Boolean(),
  /** Alerts of the list at a milestone and when it is reached; null: none. */
  milestoneAlert: IdOrNull,
  reachedAlert: IdOrNull,
})
export type GoalSettings = Static<typeof GoalSettings>

export const PLAIN_GOAL: GoalSettings = {
  title: '',
  description: '',
  word: '',
  picture: 'lamp',
  target: 5000,
  milestones: [],
  steps: [],
  endsAt: null,
  unreached: 'refund',
  smallest: 1,
  largest: 0,
  withdraw: false,
  who: EVERYONE_MAY,
  onAir: false,
  follows: false,
  milestoneAlert: null,
  reachedAlert: null,
}

/** The words of goals: to chip in, and to hear how they stand. */
export const GoalWords = exactly({ chip: GameWord, goal: GameWord })
export type GoalWords = Static<typeof GoalWords>

/** A goal that nobody can chip in for. */
export const storedGoal = stored('goal', GoalSettings, {
  off: (kept) => ({
    ...PLAIN_GOAL,
    title: textIn(kept, 'title', 120) || 'Unreadable goal',
    word: 'unreadable',
    who: { ...EVERYONE_MAY, everyone: false },
  }),
})
