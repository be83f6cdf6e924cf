import { bigint, integer, pgTable, text } from 'drizzle-orm/pg-core'

// Every key begins with the channel, so that a channel can be moved to another machine whole.
// Times are seconds since 1970, as everywhere in the rules; ids are unique over all tables of a channel.
export const whole = (name?: string) =>
  name === undefined ? bigint({ mode: 'number' }) : bigint(name, { mode: 'number' })

export const channel = pgTable('channel', {
  id: integer().primaryKey().generatedAlwaysAsIdentity(),
  slug: text().notNull().unique(),
  name: text().notNull(),
  /** Account of the streamer. */
  owner: text().notNull(),
  /** Number of the last fact. */
  seq: whole().notNull().default(0),
  /** Goes up with every batch written: who finds it unchanged knows that cached rows are still true. */
  revision: whole().notNull().default(0),
  lastId: whole('last_id').notNull().default(0),
})

// Tables that grow with every batch bear the channel without a foreign key: checking it cost more than writing the row, and
// the writer holds that channel's own row already.
export const channelRef = () =>
  integer()
    .notNull()
    .references(() => channel.id)
