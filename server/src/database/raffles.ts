import { sql } from 'drizzle-orm'
import { index, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import type { SeedOrigin } from '#core/fairness'
import {
  type Drawing,
  type EntryState,
  type HiddenDraw,
  type RaffleStatus,
  type RevealedDraw,
  storedRaffle,
  storedTemplate,
  type Waiting,
  type WinnerState,
} from '#core/raffles'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'
import { sealed } from './sealed.ts'

// Raffles, who is in them, who was drawn, and the set-ups they are started from.

export const raffleSetup = pgTable(
  'raffle_setup',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedTemplate).notNull(),
    digit: integer(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const raffle = pgTable(
  'raffle',
  {
    channel: channelRef(),
    id: whole().notNull(),
    setup: whole(),
    settings: keptJson('settings', storedRaffle).notNull(),
    status: text().$type<RaffleStatus>().notNull(),
    byName: text('by_name').notNull(),
    madeAt: whole('made_at').notNull(),
    opensAt: whole('opens_at'),
    openedAt: whole('opened_at'),
    closesAt: whole('closes_at'),
    remindAt: whole('remind_at'),
    closedAt: whole('closed_at'),
    finishAt: whole('finish_at'),
    endedAt: whole('ended_at'),
    show: whole(),
    seed: sealed('seed', 'raffle.seed').notNull(),
    commitment: text().notNull(),
    seedOrigin: text('seed_origin').$type<SeedOrigin>().notNull().default('channel'),
    answer: sealed('answer', 'raffle.answer').notNull().default(''),
    answerCommitment: text('answer_commitment').notNull().default(''),
    draws: whole().notNull(),
    won: whole().notNull(),
    drawnAt: whole('drawn_at'),
    drawing: jsonb().$type<Drawing | null>(),
    hidden: jsonb().$type<HiddenDraw | null>(),
    revealed: jsonb().$type<RevealedDraw | null>(),
    waiting: jsonb().$type<Waiting[]>().notNull(),
    picked: jsonb().$type<number[]>().notNull(),
    each: whole(),
    returned: whole().notNull(),
    why: text(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('raffle_running').on(t.channel).where(sql`${t.endedAt} is null`),
  ],
)

export const raffleTotals = pgTable(
  'raffle_totals',
  {
    channel: channelRef(),
    id: whole().notNull(),
    last: whole().notNull(),
    people: whole().notNull(),
    tickets: whole().notNull(),
    weight: whole().notNull(),
    paid: whole().notNull(),
    tellAt: whole('tell_at'),
    toldAt: whole('told_at').notNull(),
    names: jsonb().$type<string[]>().notNull(),
    came: whole().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const raffleCheer = pgTable(
  'raffle_cheer',
  { channel: channelRef(), id: whole().notNull(), until: whole().notNull(), more: whole().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const raffleEntry = pgTable(
  'raffle_entry',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    raffle: whole().notNull(),
    viewer: whole().notNull(),
    name: text().notNull(),
    nr: whole().notNull(),
    tickets: whole().notNull(),
    free: whole().notNull(),
    paid: whole().notNull(),
    weight: whole().notNull(),
    standing: text(),
    at: whole().notNull(),
    changedAt: whole('changed_at').notNull(),
    guess: whole(),
    guessOrder: whole('guess_order'),
    state: text().$type<EntryState>().notNull(),
    why: text(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.key] }),
    index('raffle_entry_nr').on(t.channel, t.raffle, t.nr),
    index('raffle_entry_viewer').on(t.channel, t.viewer, t.raffle),
  ],
)

export const raffleWinner = pgTable(
  'raffle_winner',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    raffle: whole().notNull(),
    draw: whole().notNull(),
    viewer: whole().notNull(),
    name: text().notNull(),
    digest: text().notNull(),
    point: whole().notNull(),
    weight: whole().notNull(),
    total: whole().notNull(),
    guess: whole(),
    drawnAt: whole('drawn_at').notNull(),
    state: text().$type<WinnerState>().notNull(),
    claimUntil: whole('claim_until'),
    line: text(),
    claimedAt: whole('claimed_at'),
    why: text(),
    amount: whole().notNull(),
    code: sealed('code', 'winner.code'),
    deliveredAt: whole('delivered_at'),
    note: text().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.key] }),
    index('raffle_winner_raffle').on(t.channel, t.raffle, t.draw),
    index('raffle_winner_viewer').on(t.channel, t.viewer),
  ],
)

export const raffleLuck = pgTable(
  'raffle_luck',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    wins: whole().notNull(),
    wonAt: whole('won_at').notNull(),
    earlierAt: whole('earlier_at').notNull(),
    title: text().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)
