import { Type } from '@sinclair/typebox'
import { Count, exactly, Id, oneOf, orNull, UnixSeconds } from '#core/schema'
import { OFFERED } from '#core/webhooks'

const Kind = oneOf(OFFERED)

/** What became of something that a webhook was told. */
export const WebhookDelivery = exactly({
  seq: Count,
  kind: Type.String(),
  at: UnixSeconds,
  sentAt: UnixSeconds,
  tries: Count,
  status: orNull(Count),
  /** What went wrong, in a sentence; null: it arrived. */
  problem: orNull(Type.String()),
  /** It is sent again by itself. */
  again: Type.Boolean(),
})

export const WebhookView = exactly({
  id: Id,
  name: Type.String(),
  address: Type.String(),
  kinds: Type.Array(Kind),
  failingSince: orNull(UnixSeconds),
  pausedAt: orNull(UnixSeconds),
  /** The newest first. */
  deliveries: Type.Array(WebhookDelivery),
})

export const Webhooks = exactly({
  /** Everything that can be told, with what it says. */
  offered: Type.Array(exactly({ kind: Kind, says: Type.String() })),
  webhooks: Type.Array(WebhookView),
})

/** The secret is told once. */
export const MadeWebhook = exactly({ webhook: Id, secret: Type.String() })

export const TestedWebhook = exactly({
  arrived: Type.Boolean(),
  status: orNull(Count),
  problem: orNull(Type.String()),
})
