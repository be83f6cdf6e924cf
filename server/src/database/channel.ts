import { bigint, boolean, index, integer, pgTable, text } from 'drizzle-orm/pg-core'

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
  openedAt: whole('opened_at').notNull().default(0),
  /** Not in the installation's list: found by who knows its address. */
  unlisted: boolean().notNull().default(false),
  /** Who paused it: only the operator lets go on what the operator has paused. */
  pausedBy: text('paused_by').$type<'owner' | 'operator'>(),
  /** Closed: to be deleted some weeks later, with all that is its. */
  closedAt: whole('closed_at'),
})

/** Addresses that channels had before: they go on leading there. */
export const formerAddress = pgTable(
  'former_address',
  {
    slug: text().primaryKey(),
    channel: integer()
      .notNull()
      .references(() => channel.id, { onDelete: 'cascade' }),
    leftAt: whole('left_at').notNull(),
  },
  (t) => [index('former_address_channel').on(t.channel)],
)

/** Codes by which a channel can be opened; of the installation, not of a channel. */
export const openingCode = pgTable('opening_code', {
  id: integer().primaryKey().generatedAlwaysAsIdentity(),
  hash: text().notNull().unique(),
  /** For whom, as the operator calls them. */
  whom: text().notNull(),
  madeAt: whole('made_at').notNull(),
  expiresAt: whole('expires_at').notNull(),
  usedAt: whole('used_at'),
  /** The address of the channel that was opened with it. */
  opened: text(),
})

// Tables that grow with every batch bear the channel without a foreign key: checking it cost more than writing the row, and
// the writer holds that channel's own row already.
export const channelRef = () =>
  integer()
    .notNull()
    .references(() => channel.id)
