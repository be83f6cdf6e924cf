import { type Static, Type } from '@sinclair/typebox'
import { BADGES } from '#core/ranks'
import { Amount, Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

/** `chat`: accounts in chat; `others`: accounts of other sign-ins; `ways`: by whom one can sign in, where there are several. */
export const OwnAccounts = exactly({
  signedIn: Type.String(),
  separate: Type.Boolean(),
  chat: Type.Array(Type.String()),
  others: Type.Array(exactly({ issuer: Type.String(), account: Type.String() })),
  ways: Type.Array(exactly({ id: Count, name: Type.String() })),
})

/** What a correction of many came to. */
export const Adjusted = exactly({
  adjustments: Type.Array(Id),
  asked: Count,
  changed: Count,
  total: Type.Integer(),
})

export type Adjusted = Unchangeable<Static<typeof Adjusted>>

export const Rank = exactly({
  measure: oneOf(['hours', 'earned']),
  value: Count,
  held: orNull(exactly({ name: Type.String(), from: UnixSeconds, badge: oneOf(BADGES) })),
  next: orNull(exactly({ name: Type.String(), from: UnixSeconds, badge: oneOf(BADGES) })),
})

export const CheckIn = exactly({ open: Type.Boolean(), done: Type.Boolean(), streak: Count, best: Count })

export const OwnStanding = exactly({
  known: Type.Boolean(),
  ranks: Type.Optional(Count),
  standings: Type.Array(Type.String()),
  circles: Type.Array(Type.String()),
  rank: orNull(Rank),
  checkIn: orNull(CheckIn),
  listed: Type.Boolean(),
  names: Type.Optional(Type.Record(Type.String(), Type.String())),
  watchedSeconds: Type.Optional(Count),
})

export const OwnMessages = exactly({
  messages: Type.Array(exactly({ id: Id, at: UnixSeconds, text: Type.String() })),
})

export const Supporter = exactly({
  id: Id,
  at: UnixSeconds,
  account: Type.String(),
  name: Type.String(),
  support: Type.Union([
    exactly({ kind: Type.Literal('follow') }),
    exactly({ kind: oneOf(['subscription', 'resubscription']), tier: Count }),
    exactly({ kind: Type.Literal('gift'), count: Count, tier: Count }),
    exactly({ kind: Type.Literal('giftReceived'), tier: Count }),
    exactly({ kind: Type.Literal('raid'), viewers: Count }),
    exactly({ kind: Type.Literal('tip'), minorUnits: Count, currency: Type.Optional(Type.String()) }),
    exactly({ kind: Type.Literal('cheer'), units: Count }),
  ]),
})

export const Supporters = exactly({ supporters: Type.Array(Supporter) })

export const ListedPerson = exactly({
  id: Id,
  issuer: Type.String(),
  account: Type.String(),
  ignored: Type.Boolean(),
  unlisted: Type.Boolean(),
  name: Type.String(),
  nickname: orNull(Type.String()),
  chatName: Type.String(),
  moderator: Type.Boolean(),
  linked: Type.Boolean(),
  present: Type.Boolean(),
  followedAt: orNull(UnixSeconds),
  tier: Count,
  subscribedSince: orNull(UnixSeconds),
  subscribedUntil: orNull(UnixSeconds),
  accountMadeAt: orNull(UnixSeconds),
  circles: Type.Array(Id),
  rank: orNull(Id),
  balance: Amount,
  earned: Amount,
  watchedSeconds: Count,
  firstSeenAt: UnixSeconds,
  lastSeenAt: UnixSeconds,
})

export const PeoplePart = exactly({ people: Type.Array(ListedPerson), total: Count })

/** What was corrected at one go, and can still be taken back. `total`: units of currency, or seconds. */
export const Correction = exactly({
  adjustments: Type.Array(Id),
  at: UnixSeconds,
  by: Type.String(),
  of: oneOf(['balance', 'hours', 'import']),
  why: Type.String(),
  people: Count,
  total: Type.Integer(),
  /** Of one person: their name. */
  name: orNull(Type.String()),
})

export type Correction = Unchangeable<Static<typeof Correction>>

export const Undone = exactly({
  changed: Count,
  total: Type.Integer(),
  owed: Count,
  owing: Type.Array(exactly({ viewer: Type.String(), owed: Count })),
})

export const PresentPerson = exactly({
  id: Id,
  name: Type.String(),
  moderator: Type.Boolean(),
  balance: Amount,
  tonight: orNull(Count),
})

export const Room = exactly({
  viewers: Type.Array(PresentPerson),
  total: Count,
  chatting: Count,
  /** Who came in the last minutes, the latest first. */
  arrived: Type.Array(exactly({ id: Id, name: Type.String(), at: Count })),
})

export const WholePerson = exactly({
  ...ListedPerson.properties,
  accountKey: Type.String(),
  circlesByHand: Type.Record(Type.String(), oneOf(['in', 'out'])),
  archivedAt: orNull(UnixSeconds),
  mergedInto: orNull(Count),
  presentSince: orNull(Count),
  counting: Type.Boolean(),
  countedUntil: UnixSeconds,
  showId: orNull(Count),
  showSeconds: Count,
  chattedAt: orNull(UnixSeconds),
  attended: Count,
  attendedShow: Count,
})

export const ShowAttended = exactly({
  startedAt: UnixSeconds,
  title: Type.String(),
  seconds: Count,
  attended: Type.Boolean(),
})

export const OwnTally = exactly({ id: Id, name: Type.String(), one: Type.String(), many: Type.String(), total: Count })

export const Note = exactly({ id: Id, at: UnixSeconds, by: Type.String(), text: Type.String() })

export const PersonPanel = exactly({
  viewer: WholePerson,
  standings: Type.Array(Type.String()),
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  rank: Rank,
  hours: exactly({ show: orNull(Count), days: Count }),
  attended: exactly({ count: Count, of: Count }),
  shows: Type.Array(ShowAttended),
  habits: exactly({ streak: Count, bestStreak: Count, checkIns: Count }),
  tallies: Type.Array(OwnTally),
  notes: Type.Array(Note),
  aliases: Type.Array(Type.String()),
})

export const PeopleFound = exactly({
  viewers: Type.Array(exactly({ id: Id, name: Type.String(), lastSeenAt: UnixSeconds })),
})
