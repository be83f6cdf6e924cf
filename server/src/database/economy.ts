import { sql } from 'drizzle-orm'
import { check, index, integer, json, jsonb, pgTable, primaryKey, text, uniqueIndex } from 'drizzle-orm/pg-core'
import { channelRef, whole } from './channel.ts'

// What the channel writer keeps: rows of the rules, facts, and the intents it has seen.

export const account = pgTable(
  'account',
  {
    channel: channelRef(),
    id: whole().notNull(),
    kind: text().$type<'wallet' | 'pot' | 'test'>().notNull(),
    balance: whole().notNull(),
    earned: whole().notNull().default(0),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    check('account_balance_not_negative', sql`${t.balance} >= 0 and ${t.balance} <= 9007199254740991`),
  ],
)

export const transfer = pgTable(
  'transfer',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    at: whole().notNull(),
    from: whole('from_account').notNull(),
    to: whole('to_account').notNull(),
    amount: whole().notNull(),
    reason: text().notNull(),
    about: whole(),
    intent: text().notNull(),
    returns: whole(),
    fromBalance: whole('from_balance'),
    toBalance: whole('to_balance'),
    detail: jsonb().$type<Record<string, string | number> | null>(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('transfer_from').on(t.channel, t.from, t.id).where(sql`from_account > 0`),
    index('transfer_to').on(t.channel, t.to, t.id).where(sql`to_account > 0`),
    check('transfer_amount_positive', sql`${t.amount} > 0`),
    check('transfer_not_to_self', sql`${t.from} <> ${t.to}`),
  ],
)

export const flow = pgTable(
  'flow',
  { channel: channelRef(), minute: whole().notNull(), paid: whole().notNull(), spent: whole().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.minute] })],
)

export const show = pgTable(
  'show',
  {
    channel: channelRef(),
    id: whole().notNull(),
    title: text().notNull(),
    status: text().$type<'on' | 'closing' | 'ended'>().notNull(),
    number: whole().notNull(),
    startedAt: whole('started_at').notNull(),
    endedAt: whole('ended_at'),
    countsFrom: whole('counts_from').notNull(),
    pausedAt: whole('paused_at'),
    guest: text(),
    paid: whole().notNull(),
    spent: whole().notNull(),
    lines: whole().notNull().default(0),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    uniqueIndex('show_one_open').on(t.channel).where(sql`status <> 'ended'`),
  ],
)

export const setting = pgTable(
  'setting',
  { channel: channelRef(), name: text().notNull(), body: jsonb().$type<Record<string, unknown>>().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.name] })],
)

/** Facts as they were committed: a row for each batch, found by its last number, `facts` a JSON array of them in order. */
export const factBatch = pgTable(
  'fact_batch',
  {
    channel: integer().notNull(),
    last: whole().notNull(),
    first: whole().notNull(),
    at: whole().notNull(),
    facts: text().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.last] })],
)

export const seenIntent = pgTable(
  'seen_intent',
  { channel: integer().notNull(), key: text().notNull(), at: whole().notNull(), answer: json().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.key] })],
)

export const event = pgTable(
  'event',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    at: whole().notNull(),
    happenedAt: whole('happened_at').notNull(),
    source: text().notNull(),
    type: text().notNull(),
    viewer: whole(),
    name: text(),
    body: jsonb().$type<Record<string, unknown>>().notNull(),
    outcome: text().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)
