import { boolean, index, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import { storedRights } from '#core/team'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'

// Who may use the desk, besides the owner.

export const member = pgTable(
  'member',
  {
    channel: channelRef(),
    id: whole().notNull(),
    account: text().notNull(),
    name: text().notNull(),
    rights: keptJson('rights', storedRights).notNull(),
    owner: boolean().notNull().default(false),
    by: text().notNull(),
    since: whole().notNull(),
    until: whole(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('member_account').on(t.account)],
)

export const invitation = pgTable(
  'invitation',
  {
    channel: channelRef(),
    id: whole().notNull(),
    hash: text().notNull(),
    whom: text().notNull(),
    account: text(),
    rights: keptJson('rights', storedRights).notNull(),
    by: text().notNull(),
    madeAt: whole('made_at').notNull(),
    expiresAt: whole('expires_at').notNull(),
    until: whole(),
    usedAt: whole('used_at'),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const token = pgTable(
  'token',
  {
    channel: channelRef(),
    id: whole().notNull(),
    name: text().notNull(),
    hash: text().notNull(),
    rights: keptJson('rights', storedRights).notNull(),
    by: text().notNull(),
    madeAt: whole('made_at').notNull(),
    until: whole(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('token_hash').on(t.hash)],
)

/** When a token was used last, to ten minutes; apart from it, as no rule reads it. */
export const tokenUse = pgTable(
  'token_use',
  { channel: channelRef(), token: whole().notNull(), usedAt: whole('used_at').notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.token] })],
)
