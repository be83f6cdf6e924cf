import { sql } from 'drizzle-orm'
import { index, integer, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import { type GoalStatus, storedGoal } from '#core/goals'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'

// What viewers chip in for together, and what everybody has in it.

export const goal = pgTable(
  'goal',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedGoal).notNull(),
    status: text().$type<GoalStatus>().notNull(),
    byName: text('by_name').notNull(),
    madeAt: whole('made_at').notNull(),
    openedAt: whole('opened_at'),
    endedAt: whole('ended_at'),
    reached: integer().notNull(),
    returned: whole().notNull(),
    endsAs: text('ends_as').$type<'missed' | 'off'>(),
    why: text(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('goal_running').on(t.channel).where(sql`${t.endedAt} is null`),
  ],
)

export const goalTotals = pgTable(
  'goal_totals',
  {
    channel: channelRef(),
    id: whole().notNull(),
    last: whole().notNull(),
    people: whole().notNull(),
    paid: whole().notNull(),
    lastName: text('last_name').notNull(),
    lastAmount: whole('last_amount').notNull(),
    tellAt: whole('tell_at'),
    toldAt: whole('told_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const goalPart = pgTable(
  'goal_part',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    goal: whole().notNull(),
    viewer: whole().notNull(),
    name: text().notNull(),
    nr: whole().notNull(),
    paid: whole().notNull(),
    back: whole().notNull(),
    at: whole().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.key] }),
    index('goal_part_nr').on(t.channel, t.goal, t.nr),
    index('goal_part_viewer').on(t.channel, t.viewer, t.goal),
  ],
)
