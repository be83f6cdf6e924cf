import { index, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import type { SeedOrigin } from '#core/fairness'
import type { Game, PlayerAt, RoundState, RoundStatus, SeatPlan, SeatState } from '#core/games'
import { channelRef, whole } from './channel.ts'
import { sealed } from './sealed.ts'

// Rounds of the games, who had a part in them, and what is on now.

export const round = pgTable(
  'round',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    game: text().$type<Game>().notNull(),
    status: text().$type<RoundStatus>().notNull(),
    openedAt: whole('opened_at').notNull(),
    show: whole(),
    openerName: text('opener_name'),
    seed: sealed('seed', 'round.seed').notNull(),
    commitment: text().notNull(),
    seedOrigin: text('seed_origin').$type<SeedOrigin>().notNull().default('channel'),
    nextAt: whole('next_at'),
    seats: whole().notNull(),
    staked: whole().notNull(),
    paid: whole().notNull(),
    state: jsonb().$type<RoundState>().notNull(),
    endedAt: whole('ended_at'),
    why: text(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('round_ended').on(t.channel, t.endedAt)],
)

export const seat = pgTable(
  'seat',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    round: whole().notNull(),
    game: text().$type<Game>().notNull(),
    viewer: whole().notNull(),
    name: text().notNull(),
    stake: whole().notNull(),
    at: whole().notNull(),
    plan: jsonb().$type<SeatPlan>().notNull(),
    state: text().$type<SeatState>().notNull(),
    room: whole(),
    paid: whole().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.key] }),
    index('seat_round').on(t.channel, t.round),
    index('seat_viewer').on(t.channel, t.viewer, t.round),
  ],
)

export const player = pgTable(
  'player',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    sitsOutUntil: whole('sits_out_until').notNull(),
    period: whole().notNull(),
    staked: whole().notNull(),
    paid: whole().notNull(),
    rounds: whole().notNull(),
    allStaked: whole('all_staked').notNull(),
    allPaid: whole('all_paid').notNull(),
    at: jsonb().$type<PlayerAt>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const floor = pgTable(
  'floor',
  {
    channel: channelRef(),
    game: text().$type<Game>().notNull(),
    open: jsonb().$type<number[]>().notNull(),
    free: jsonb().$type<number[]>().notNull(),
    last: jsonb().$type<number[]>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.game] })],
)
