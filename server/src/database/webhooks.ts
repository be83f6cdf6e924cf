import { integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import type { OfferedKind } from '#core/webhooks'
import { channelRef, whole } from './channel.ts'
import { sealed } from './sealed.ts'

// Where other services listen, and what they were told.

/** What a webhook's secret is sealed as. */
export const WEBHOOK_SECRET = 'webhook.secret'

export const webhook = pgTable(
  'webhook',
  {
    channel: channelRef(),
    id: whole().notNull(),
    name: text().notNull(),
    address: text().notNull(),
    kinds: jsonb().$type<readonly OfferedKind[]>().notNull(),
    secret: sealed('secret', WEBHOOK_SECRET).notNull(),
    failingSince: whole('failing_since'),
    pausedAt: whole('paused_at'),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** What became of each delivery, for the desk; no rule reads it. Kept for a week. */
export const webhookDelivery = pgTable(
  'webhook_delivery',
  {
    channel: channelRef(),
    webhook: whole().notNull(),
    seq: whole().notNull(),
    kind: text().notNull(),
    /** When it happened, and when it was sent last (Unix seconds). */
    at: whole().notNull(),
    sentAt: whole('sent_at').notNull(),
    tries: integer().notNull(),
    /** The status of the answer; null: none came. */
    status: integer(),
    /** What went wrong, in a sentence; null: it arrived. */
    problem: text(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.webhook, t.seq] })],
)
