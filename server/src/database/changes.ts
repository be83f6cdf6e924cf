import { index, json, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import type { Content } from '#core/changes'
import { channelRef, whole } from './channel.ts'

/** What was changed at the desk: each setting as it was and as it became. */
export const change = pgTable(
  'change',
  {
    channel: channelRef(),
    id: whole().notNull(),
    at: whole().notNull(),
    by: text().notNull(),
    of: text().notNull(),
    which: text().notNull(),
    name: text().notNull(),
    before: json().$type<Content | null>(),
    after: json().$type<Content | null>(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('change_of').on(t.channel, t.of, t.id)],
)

/** Who has which form of the desk open; worthless after some seconds, so it is not logged (see the migration). */
export const openForm = pgTable(
  'open_form',
  {
    channel: channelRef(),
    form: text().notNull(),
    account: text().notNull(),
    name: text().notNull(),
    until: whole().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.form, t.account] })],
)
