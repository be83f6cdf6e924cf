import { sql } from 'drizzle-orm'
import { boolean, index, integer, json, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import type { RunRow } from '#core/runs'
import { storedTrigger } from '#core/triggers'
import { storedCommand } from '#core/words'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'

// What answers in chat and what happens then.

export const command = pgTable(
  'command',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedCommand).notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const trigger = pgTable(
  'trigger',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedTrigger).notNull(),
    goneAt: whole('gone_at'),
    dueAt: whole('due_at'),
    linesAt: whole('lines_at').notNull(),
    showId: whole('show_id').notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const tally = pgTable(
  'tally',
  {
    channel: channelRef(),
    id: whole().notNull(),
    key: text().notNull(),
    name: text().notNull(),
    one: text().notNull(),
    many: text().notNull(),
    ceiling: whole(),
    passing: boolean().notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const tallyCount = pgTable(
  'tally_count',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    tally: whole().notNull(),
    viewer: whole().notNull(),
    total: whole().notNull(),
    show: whole().notNull(),
    shown: whole().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.key] }),
    index('tally_count_top').on(t.channel, t.tally, t.total),
    index('tally_count_viewer').on(t.channel, t.viewer),
  ],
)

/** What ran, for whom, and what came of it; kept for 30 days. */
export const run = pgTable(
  'run',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    at: whole().notNull(),
    endedAt: whole('ended_at'),
    source: text().$type<RunRow['source']>().notNull(),
    of: whole().notNull(),
    name: text().notNull(),
    viewer: whole(),
    viewerName: text('viewer_name'),
    outcome: text().$type<RunRow['outcome']>().notNull(),
    code: text(),
    why: text(),
    log: json().$type<RunRow['log']>().notNull(),
    state: json().$type<RunRow['state']>(),
    seed: whole(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('run_of').on(t.channel, t.of, t.id),
    index('run_viewer').on(t.channel, t.viewer, t.id),
    index('run_at').on(t.at),
  ],
)

/** How long a run took from the line or the event to its answer; kept apart because the server measures it, not the rules. */
export const runTime = pgTable(
  'run_time',
  { channel: integer().notNull(), run: whole().notNull(), at: whole().notNull(), ms: integer().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.run] }), index('run_time_at').on(t.at)],
)

export const outsideReward = pgTable(
  'outside_reward',
  {
    channel: channelRef(),
    id: text().notNull(),
    name: text().notNull(),
    price: whole(),
    seenAt: whole('seen_at').notNull(),
    listed: boolean().notNull(),
    text: text().notNull().default(''),
    asks: boolean().notNull().default(false),
    paused: boolean().notNull().default(false),
    changeable: boolean().notNull().default(false),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const redemption = pgTable(
  'redemption',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    outside: text().notNull(),
    trigger: whole().notNull(),
    rewardName: text('reward_name').notNull(),
    viewer: whole().notNull(),
    viewerName: text('viewer_name').notNull(),
    text: text(),
    status: text().$type<'waiting' | 'approved' | 'refused'>().notNull(),
    why: text(),
    at: whole().notNull(),
    period: whole().notNull().default(0),
    endedAt: whole('ended_at'),
    by: text(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('redemption_waiting').on(t.channel, t.id).where(sql`status = 'waiting'`),
    index('redemption_viewer').on(t.channel, t.viewer),
  ],
)

/** Seeds that are not drawn from any more, for anyone to check with. */
export const seed = pgTable(
  'seed',
  {
    channel: channelRef(),
    id: whole().notNull(),
    seed: text().notNull(),
    commitment: text().notNull(),
    openedAt: whole('opened_at').notNull(),
    closedAt: whole('closed_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)
