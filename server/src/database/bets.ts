import { sql } from 'drizzle-orm'
import { index, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import { type BetStatus, type Laid, type Payment, type PickedOutcome, storedBet, storedBetTemplate } from '#core/bets'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'

// Bets on what happens, what everybody has in them, and the templates they are opened from.

export const betTemplate = pgTable(
  'bet_template',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedBetTemplate).notNull(),
    digit: integer(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const bet = pgTable(
  'bet',
  {
    channel: channelRef(),
    id: whole().notNull(),
    template: whole(),
    settings: keptJson('settings', storedBet).notNull(),
    status: text().$type<BetStatus>().notNull(),
    byName: text('by_name').notNull(),
    openedAt: whole('opened_at').notNull(),
    locksAt: whole('locks_at'),
    lockedAt: whole('locked_at'),
    show: whole(),
    pick: jsonb().$type<PickedOutcome | null>(),
    payment: jsonb().$type<Payment | null>(),
    paidTo: whole('paid_to').notNull(),
    endedAt: whole('ended_at'),
    why: text(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('bet_running').on(t.channel).where(sql`${t.endedAt} is null`),
  ],
)

export const betTotals = pgTable(
  'bet_totals',
  {
    channel: channelRef(),
    id: whole().notNull(),
    last: whole().notNull(),
    people: jsonb().$type<number[]>().notNull(),
    staked: jsonb().$type<number[]>().notNull(),
    backers: whole().notNull(),
    tellAt: whole('tell_at'),
    toldAt: whole('told_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const betEvidence = pgTable(
  'bet_evidence',
  { channel: channelRef(), id: whole().notNull(), note: text().notNull(), link: text().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const backing = pgTable(
  'backing',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    bet: whole().notNull(),
    viewer: whole().notNull(),
    name: text().notNull(),
    nr: whole().notNull(),
    laid: jsonb().$type<Laid[]>().notNull(),
    back: whole().notNull(),
    won: whole().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.key] }),
    index('backing_nr').on(t.channel, t.bet, t.nr),
    index('backing_viewer').on(t.channel, t.viewer, t.bet),
  ],
)
