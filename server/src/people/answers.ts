import { type Static, Type } from '@sinclair/typebox'
import { BADGES } from '#core/ranks'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import type { Unchangeable } from '#core/world'

export const MeAccountsAnswer = exactly({
  signedIn: Type.String(),
  separate: Type.Boolean(),
  chat: Type.Array(Type.String()),
})

export const CircleRules = exactly({
  hours: orNull(Type.Number()),
  shows: orNull(exactly({ least: Type.Number(), of: Id })),
  followerDays: orNull(Type.Number()),
  subscriberMonths: orNull(Type.Number()),
  rank: orNull(Id),
})

export const CircleRow = exactly({
  id: Id,
  name: Type.String(),
  rules: CircleRules,
  keep: Type.Boolean(),
  goneAt: orNull(UnixSeconds),
})

/** What a correction of many came to. */
export const Adjusted = exactly({
  adjustments: Type.Array(Id),
  asked: Type.Number(),
  changed: Type.Number(),
  total: Count,
})

export type Adjusted = Unchangeable<Static<typeof Adjusted>>

export const Rank = exactly({
  measure: oneOf(['hours', 'earned']),
  value: Type.Number(),
  held: orNull(exactly({ name: Type.String(), from: UnixSeconds, badge: oneOf(BADGES) })),
  next: orNull(exactly({ name: Type.String(), from: UnixSeconds, badge: oneOf(BADGES) })),
})

export const CheckIn = exactly({ open: Type.Boolean(), done: Type.Boolean(), streak: Count, best: Type.Number() })

export const MeStandingAnswer = exactly({
  known: Type.Boolean(),
  ranks: Type.Optional(Type.Number()),
  standings: Type.Array(Type.String()),
  circles: Type.Array(Type.String()),
  rank: orNull(Rank),
  checkIn: orNull(CheckIn),
  listed: Type.Boolean(),
  names: Type.Optional(Type.Record(Type.String(), Type.String())),
  watchedSeconds: Type.Optional(Count),
})

export const MeMessagesAnswer = exactly({
  messages: Type.Array(exactly({ id: Id, at: UnixSeconds, text: Type.String() })),
})

export const DeskSupporter = exactly({
  id: Id,
  at: UnixSeconds,
  account: Type.String(),
  name: Type.String(),
  support: Type.Union([
    exactly({ kind: Type.Literal('follow') }),
    exactly({ kind: oneOf(['subscription', 'resubscription']), tier: Type.Number() }),
    exactly({ kind: Type.Literal('gift'), count: Count, tier: Type.Number() }),
    exactly({ kind: Type.Literal('giftReceived'), tier: Type.Number() }),
    exactly({ kind: Type.Literal('raid'), viewers: Type.Number() }),
    exactly({ kind: Type.Literal('tip'), minorUnits: Type.Number(), currency: Type.Optional(Type.String()) }),
    exactly({ kind: Type.Literal('cheer'), units: Type.Number() }),
  ]),
})

export const DeskSupportersAnswer = exactly({ supporters: Type.Array(DeskSupporter) })

export const DeskPeople = exactly({
  id: Id,
  issuer: Type.String(),
  account: Type.String(),
  ignored: Type.Boolean(),
  unlisted: Type.Boolean(),
  name: Type.String(),
  nickname: orNull(Type.String()),
  chatName: Type.String(),
  moderator: Type.Boolean(),
  present: Type.Boolean(),
  followedAt: orNull(UnixSeconds),
  tier: Type.Number(),
  subscribedUntil: orNull(UnixSeconds),
  circles: Type.Array(Id),
  rank: orNull(Id),
  balance: Count,
  earned: Count,
  watchedSeconds: Count,
  firstSeenAt: UnixSeconds,
  lastSeenAt: UnixSeconds,
})

export const DeskPeopleAnswer = exactly({ people: Type.Array(DeskPeople), total: Count })

/** What was corrected at one go, and can still be taken back. `total`: units of currency, or seconds. */
export const Correction = exactly({
  adjustments: Type.Array(Id),
  at: UnixSeconds,
  by: Type.String(),
  of: oneOf(['balance', 'hours']),
  why: Type.String(),
  people: Count,
  total: Count,
  /** Of one person: their name. */
  name: orNull(Type.String()),
})

export type Correction = Unchangeable<Static<typeof Correction>>

export const DeskPeopleUndoAnswer = exactly({
  changed: Type.Number(),
  total: Count,
  owed: Type.Number(),
  owing: Type.Array(exactly({ viewer: Type.String(), owed: Type.Number() })),
})

export const DeskViewer = exactly({
  id: Id,
  name: Type.String(),
  moderator: Type.Boolean(),
  balance: Count,
  tonight: orNull(Type.Number()),
})

export const DeskPresentAnswer = exactly({ viewers: Type.Array(DeskViewer), total: Count, chatting: Type.Number() })

export const DeskViewerViewer = exactly({
  id: Id,
  name: Type.String(),
  chatName: Type.String(),
  nickname: orNull(Type.String()),
  issuer: Type.String(),
  account: Type.String(),
  accountKey: Type.String(),
  moderator: Type.Boolean(),
  ignored: Type.Boolean(),
  followedAt: orNull(UnixSeconds),
  tier: Type.Number(),
  subscribedSince: orNull(Type.Number()),
  subscribedUntil: orNull(UnixSeconds),
  circles: Type.Array(Id),
  circlesByHand: Type.Record(Type.String(), oneOf(['in', 'out'])),
  rank: orNull(Id),
  unlisted: Type.Boolean(),
  archivedAt: orNull(UnixSeconds),
  mergedInto: orNull(Type.Number()),
  present: Type.Boolean(),
  presentSince: orNull(Type.Number()),
  counting: Type.Boolean(),
  countedUntil: UnixSeconds,
  watchedSeconds: Count,
  showId: orNull(Type.Number()),
  showSeconds: Count,
  chattedAt: orNull(UnixSeconds),
  firstSeenAt: UnixSeconds,
  lastSeenAt: UnixSeconds,
  attended: Type.Number(),
  attendedShow: Type.Number(),
  balance: Count,
  earned: Count,
})

export const DeskShow = exactly({
  startedAt: UnixSeconds,
  title: Type.String(),
  seconds: Count,
  attended: Type.Boolean(),
})

export const DeskTally = exactly({ id: Id, name: Type.String(), one: Type.String(), many: Type.String(), total: Count })

export const DeskNote = exactly({ id: Id, at: UnixSeconds, by: Type.String(), text: Type.String() })

export const DeskViewerAnswer = exactly({
  viewer: DeskViewerViewer,
  standings: Type.Array(Type.String()),
  circles: Type.Array(exactly({ id: Id, name: Type.String() })),
  rank: Rank,
  hours: exactly({ show: orNull(Id), days: Type.Number() }),
  attended: exactly({ count: Count, of: Id }),
  shows: Type.Array(DeskShow),
  habits: exactly({ streak: Count, bestStreak: Type.Number(), checkIns: Type.Number() }),
  tallies: Type.Array(DeskTally),
  notes: Type.Array(DeskNote),
  aliases: Type.Array(Type.String()),
})

export const DeskViewersAnswer = exactly({
  viewers: Type.Array(exactly({ id: Id, name: Type.String(), lastSeenAt: UnixSeconds })),
})

export const Handing = exactly({ on: Type.Boolean(), perDay: Type.Number(), reply: Type.String() })
