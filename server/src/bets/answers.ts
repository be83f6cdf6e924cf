import { Type } from '@sinclair/typebox'
import { BetDefaults, BetOutcome, BetSettings } from '#core/bets'
import { Currency } from '#core/currency'
import { Stakes } from '#core/games'
import { Amount, BetId, Count, exactly, Id, oneOf, orNull, UnixSeconds, ViewerId } from '#core/schema'

export const BetStatus = oneOf(['open', 'locked', 'announced', 'paying', 'returning', 'settled', 'off'])

/** An outcome with what is on it. */
const Lane = exactly({ ...BetOutcome.properties, people: Count, staked: Amount })

/** Sums of how a bet is paid. */
const Payment = exactly({ winners: Count, prize: Amount, rake: Amount, late: Amount, refunded: Type.Boolean() })

/** A bet as everybody may know it. `winner`: the place of the outcome that came true, from 0. */
export const BetHead = exactly({
  id: BetId,
  question: Type.String(),
  lanes: Type.Array(Lane),
  status: BetStatus,
  openedAt: UnixSeconds,
  locksAt: orNull(UnixSeconds),
  lockedAt: orNull(UnixSeconds),
  endedAt: orNull(UnixSeconds),
  winner: orNull(Count),
  paysAt: orNull(UnixSeconds),
  payment: orNull(Payment),
  why: orNull(Type.String()),
  note: Type.String(),
  link: Type.String(),
  backers: Count,
  stakes: Stakes,
  several: Type.Boolean(),
  rakeBp: Count,
  takeBack: Type.Boolean(),
  lateSeconds: Count,
  pauseSeconds: Count,
})

/** A bet as the desk knows it. */
export const DeskBet = exactly({
  ...BetHead.properties,
  template: orNull(Id),
  settings: BetSettings,
  byName: Type.String(),
  /** Who picked the winner, and when. */
  pickedBy: orNull(Type.String()),
  pickedAt: orNull(UnixSeconds),
})

export const BetTemplateRow = exactly({
  id: Id,
  settings: BetSettings,
  digit: orNull(Count),
  goneAt: orNull(UnixSeconds),
})

export const DeskBets = exactly({
  now: UnixSeconds,
  running: Type.Array(DeskBet),
  templates: Type.Array(BetTemplateRow),
  defaults: BetDefaults,
  currency: Currency,
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  alerts: Type.Array(exactly({ id: Id, name: Type.String() })),
  onAir: Type.Boolean(),
})

export const EndedBets = exactly({ bets: Type.Array(DeskBet) })

/** What somebody has in a bet. */
const Backer = exactly({
  viewer: ViewerId,
  name: Type.String(),
  laid: Type.Array(exactly({ outcome: Count, amount: Amount, at: UnixSeconds })),
  back: Amount,
  won: Amount,
})

export const OneBet = exactly({ now: UnixSeconds, bet: DeskBet, currency: Currency, backers: Type.Array(Backer) })

/** What a bet would pay if an outcome came true. */
export const BetOutlook = exactly({
  ...Payment.properties,
  winningStakes: Amount,
  /** Who would get most, the stake included. */
  most: Type.Array(exactly({ name: Type.String(), staked: Amount, gets: Amount })),
})

/** What the caller has in a bet: on each outcome, and what they got. `why`: why they may not bet; null: they may. */
export const OwnBacking = exactly({ staked: Type.Array(Amount), back: Amount, won: Amount, why: orNull(Type.String()) })

const OwnBet = exactly({ ...BetHead.properties, own: orNull(OwnBacking) })

export const BetsView = exactly({
  now: UnixSeconds,
  currency: Currency,
  word: Type.String(),
  balance: orNull(Amount),
  running: Type.Array(OwnBet),
  ended: Type.Array(OwnBet),
})
