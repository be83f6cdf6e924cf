import { type Static, Type } from '@sinclair/typebox'
import { Amount, Count, exactly, type Fixed, orNull, SetAmount, ViewerId, whole } from '../../schema.ts'
import { StillRef } from '../../screen/index.ts'
import { Gathering, gameSettings, Name, Stakes } from '../schema.ts'

const STRENGTH = {
  /** The chance of one blow to hit: of one alone, what each one more adds, and at most. In parts per million. */
  ownPpm: whole(1, 1_000_000),
  bonusPpm: whole(0, 100_000),
  capPpm: whole(1, 1_000_000),
  /** Every fighter strikes so often. */
  blows: whole(1, 20),
  /** So many of all blows must hit. */
  needPpm: whole(1, 1_000_000),
  /** What is paid, in hundredths of the stake. */
  multiplier: whole(100, 100_000),
}

export const BossSettings = gameSettings({
  ...Gathering,
  stakes: Stakes,
  /** Who is fought, and how it looks. */
  name: Name,
  picture: StillRef,
  ...STRENGTH,
  lastBlowBonus: SetAmount,
})
export type BossSettings = Static<typeof BossSettings>

/** How strong a boss is, and what beating it pays. */
const Strength = exactly({ ...STRENGTH, lastBlowBonus: Amount })
export type Strength = Fixed<Static<typeof Strength>>

/** How far a fight has come: blows struck by everybody, and hits so far. */
export const BossState = exactly({
  of: Type.Literal('boss'),
  name: Type.String(),
  picture: Type.String(),
  strength: Strength,
  needed: Count,
  hits: Count,
  step: Count,
  /** Who made the hit by which it fell. */
  lastBlow: orNull(ViewerId),
})
export type BossState = Fixed<Static<typeof BossState>>

/** How often they hit. */
export const BossPlan = { hits: Type.Optional(Count) }
