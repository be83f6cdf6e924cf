import { Type } from '@sinclair/typebox'
import { exactly, Id, orNull, UnixSeconds } from '#core/schema'
import { Rights } from '#core/team'

export const Member = exactly({
  id: Id,
  account: Type.String(),
  name: Type.String(),
  rights: Rights,
  owner: Type.Boolean(),
  by: Type.String(),
  since: UnixSeconds,
  until: orNull(UnixSeconds),
})

export const Invitation = exactly({
  id: Id,
  whom: Type.String(),
  account: orNull(Type.String()),
  rights: Rights,
  by: Type.String(),
  expiresAt: UnixSeconds,
  until: orNull(UnixSeconds),
})

export const TeamView = exactly({
  owner: Type.String(),
  members: Type.Array(Member),
  invitations: Type.Array(Invitation),
  now: UnixSeconds,
})

/** `secret`: what the link holds; it is told once and kept nowhere. */
export const Invited = exactly({ invitation: Id, secret: Type.String(), expiresAt: UnixSeconds })

/** What somebody sees before they join. */
export const Offer = exactly({
  channel: exactly({ slug: Type.String(), name: Type.String() }),
  by: Type.String(),
  rights: Rights,
  until: orNull(UnixSeconds),
})

export const Tokens = exactly({
  tokens: Type.Array(
    exactly({
      id: Id,
      name: Type.String(),
      rights: Rights,
      by: Type.String(),
      madeAt: UnixSeconds,
      until: orNull(UnixSeconds),
      usedAt: orNull(UnixSeconds),
    }),
  ),
})

/** `secret`: the token itself, which is told once and kept nowhere. */
export const MadeToken = exactly({ token: Id, secret: Type.String() })
