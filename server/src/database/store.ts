import { sql } from 'drizzle-orm'
import { boolean, foreignKey, index, integer, pgTable, primaryKey, text, uniqueIndex } from 'drizzle-orm/pg-core'
import { type OrderStatus, storedReward } from '#core/store'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'
import { viewer } from './people.ts'
import { hashed, sealed } from './sealed.ts'

// What the store sells, what was sold of it, and the orders.

export const reward = pgTable(
  'reward',
  {
    channel: channelRef(),
    id: whole().notNull(),
    word: text(),
    settings: keptJson('settings', storedReward).notNull(),
    place: whole().notNull().default(0),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), uniqueIndex('reward_word').on(t.channel, t.word)],
)

export const storeOrder = pgTable(
  'store_order',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    reward: whole().notNull(),
    rewardName: text('reward_name').notNull(),
    viewer: whole().notNull(),
    viewerName: text('viewer_name').notNull(),
    price: whole().notNull(),
    text: text(),
    status: text().$type<OrderStatus>().notNull(),
    show: whole(),
    placedAt: whole('placed_at').notNull(),
    endedAt: whole('ended_at'),
    endedBy: text('ended_by'),
    payment: whole().notNull(),
    byHand: boolean('by_hand').notNull().default(true),
    takenBy: text('taken_by'),
    period: whole().notNull().default(0),
    day: whole().notNull().default(0),
    week: whole().notNull().default(0),
    month: whole().notNull().default(0),
    tally: whole(),
    tallyCount: whole('tally_count').notNull().default(0),
    beginsAt: whole('begins_at'),
    endsAt: whole('ends_at'),
    circle: whole(),
    code: sealed('code', 'order.code'),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    foreignKey({ columns: [t.channel, t.viewer], foreignColumns: [viewer.channel, viewer.id] }),
    foreignKey({ columns: [t.channel, t.reward], foreignColumns: [reward.channel, reward.id] }),
    index('store_order_waiting').on(t.channel, t.id).where(sql`status = 'waiting'`),
    index('store_order_open').on(t.channel, t.id).where(sql`status in ('waiting', 'back')`),
    index('store_order_viewer').on(t.channel, t.viewer, t.id),
    index('store_order_reward').on(t.channel, t.reward, t.id),
  ],
)

/** Where something is sent; erased some days after the order is done. */
export const orderAddress = pgTable(
  'order_address',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    viewer: whole().notNull(),
    address: sealed('address', 'order.address'),
    eraseAt: whole('erase_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('order_address_viewer').on(t.channel, t.viewer)],
)

/** How often a reward was sold: by everybody, or to one viewer. */
export const sold = pgTable(
  'sold',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    total: whole().notNull(),
    show: whole().notNull(),
    shown: whole().notNull(),
    day: whole().notNull(),
    dayed: whole().notNull(),
    week: whole().notNull().default(0),
    weeked: whole().notNull().default(0),
    month: whole().notNull().default(0),
    monthed: whole().notNull().default(0),
    until: whole().notNull(),
    lastAt: whole('last_at').notNull(),
    perkUntil: whole('perk_until').notNull(),
    unlocked: boolean().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.key] })],
)

export const codeList = pgTable(
  'code_list',
  { channel: channelRef(), id: whole().notNull(), count: whole().notNull(), given: whole().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const code = pgTable(
  'code',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    code: sealed('code', 'code.code').notNull(),
    /** By which a code that is on the list already is found. */
    mark: hashed('mark').notNull(),
    order: whole('order_id'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.key] }), uniqueIndex('code_mark').on(t.channel, t.mark)],
)
