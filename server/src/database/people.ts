import { sql } from 'drizzle-orm'
import { boolean, foreignKey, index, integer, jsonb, pgTable, primaryKey, text, uniqueIndex } from 'drizzle-orm/pg-core'
import type { EarningPlan, Support } from '#core/earning'
import { type AdjustmentRow, storedRules } from '#core/people'
import type { CodeOf } from '#core/voice'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'
import { hashed } from './sealed.ts'

// The people of a channel and what is kept of them.

export const viewer = pgTable(
  'viewer',
  {
    channel: channelRef(),
    id: whole().notNull(),
    /** Who issued the account: '' is the provider that people sign in with. */
    issuer: text().notNull().default(''),
    account: text().notNull(),
    /** Both as one, by which the person is looked up: `keyOf` of the rules. */
    accountKey: text('account_key').notNull(),
    name: text().notNull(),
    chatName: text('chat_name').notNull(),
    handle: text().notNull(),
    nickname: text(),
    moderator: boolean().notNull(),
    linked: boolean().notNull().default(false),
    ignored: boolean().notNull(),
    present: boolean().notNull(),
    rooms: jsonb().$type<readonly number[]>().notNull().default([]),
    presentSince: whole('present_since'),
    chattedAt: whole('chatted_at'),
    followedAt: whole('followed_at'),
    tier: integer().notNull().default(0),
    subscribedSince: whole('subscribed_since'),
    subscribedUntil: whole('subscribed_until'),
    circles: jsonb().$type<readonly number[]>().notNull().default([]),
    circlesByHand: jsonb('circles_by_hand').$type<Record<string, 'in' | 'out'>>().notNull().default({}),
    rank: whole(),
    rankNext: whole('rank_next').default(0),
    unlisted: boolean().notNull().default(false),
    archivedAt: whole('archived_at'),
    barredUntil: whole('barred_until').notNull().default(0),
    mergedInto: whole('merged_into'),
    accountMadeAt: whole('account_made_at'),
    firstSeenAt: whole('first_seen_at').notNull(),
    lastSeenAt: whole('last_seen_at').notNull(),
    /** The names as they are searched by: look-alikes folded together. PostgreSQL keeps it. */
    folded: text()
      .notNull()
      .generatedAlwaysAs(sql`fold_name(case when nickname is null then name else name || chat_name end)`),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    uniqueIndex('viewer_account_key').on(t.channel, t.accountKey),
    index('viewer_handle').on(t.channel, t.handle),
    index('viewer_present').on(t.channel, t.id).where(sql`present`),
    index('viewer_folded').using('gin', sql`${t.folded} gin_trgm_ops`),
    // Whoever is meant by a whole name: by their hashes, because folding makes some names longer than a sorted index takes.
    index('viewer_look').using('hash', sql`fold_name(${t.name})`),
    index('viewer_chat_look').using('hash', sql`fold_name(${t.chatName})`),
  ],
)

/** Kept apart from the viewer because every payment rewrites it for everyone present: a short row costs a third. */
export const watch = pgTable(
  'watch',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    counting: boolean().notNull(),
    countedUntil: whole('counted_until').notNull(),
    carrySeconds: whole('carry_seconds').notNull(),
    offAirCarry: whole('off_air_carry').notNull().default(0),
    watchedSeconds: whole('watched_seconds').notNull(),
    showId: whole('show_id'),
    showSeconds: whole('show_seconds').notNull(),
    showEarnedFrom: whole('show_earned_from').notNull().default(0),
    attended: whole().notNull().default(0),
    attendedShow: whole('attended_show').notNull().default(0),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('watch_counting').on(t.channel, t.id).where(sql`counting`),
    foreignKey({ columns: [t.channel, t.id], foreignColumns: [viewer.channel, viewer.id] }),
  ],
)

/** Corrections by hand: whom, by how much, who and why; kept so that they can be undone and explained. */
export const adjustment = pgTable(
  'adjustment',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    at: whole().notNull(),
    by: text().notNull(),
    of: text().$type<AdjustmentRow['of']>().notNull().default('balance'),
    how: text().$type<'give' | 'take' | 'set'>().notNull(),
    amount: whole().notNull(),
    why: text().notNull(),
    lines: jsonb().$type<AdjustmentRow['lines']>().notNull(),
    /** Of an import: the digest of the part of the file. */
    digest: text(),
    undoneAt: whole('undone_at'),
    undoUntil: whole('undo_until').notNull().default(0),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** Other accounts of people known: merged into theirs, or matched by hand. */
export const alias = pgTable(
  'alias',
  { channel: channelRef(), account: text().notNull(), viewer: whole().notNull() },
  (t) => [
    primaryKey({ columns: [t.channel, t.account] }),
    index('alias_viewer').on(t.channel, t.viewer),
    foreignKey({ columns: [t.channel, t.viewer], foreignColumns: [viewer.channel, viewer.id] }),
  ],
)

/** Accounts that were forgotten while they barred themselves from wagering: the bar outlives them. */
export const barred = pgTable(
  'barred',
  { channel: channelRef(), account: hashed('account').notNull(), until: whole().notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.account] })],
)

/** What was for one person alone, as their page has it; a code in it is read where it is sealed. */
export const message = pgTable(
  'message',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    viewer: whole().notNull(),
    at: whole().notNull(),
    text: text().notNull(),
    code: jsonb().$type<CodeOf | null>(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('message_viewer').on(t.channel, t.viewer, t.id)],
)

export const habit = pgTable(
  'habit',
  {
    channel: integer().notNull(),
    id: whole().notNull(),
    checkedIn: whole('checked_in').notNull(),
    streak: whole().notNull(),
    bestStreak: whole('best_streak').notNull(),
    checkIns: whole('check_ins').notNull(),
    chatPaidAt: whole('chat_paid_at').notNull(),
    allowanceAt: whole('allowance_at').notNull(),
    handedDay: whole('handed_day').notNull(),
    handed: whole().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** Who was at which show: noted for everyone at once when the show is settled. */
export const attendance = pgTable(
  'attendance',
  {
    channel: integer().notNull(),
    viewer: whole().notNull(),
    show: whole().notNull(),
    seconds: whole().notNull(),
    earned: whole().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.viewer, t.show] }), index('attendance_show').on(t.channel, t.show)],
)

export const circle = pgTable(
  'circle',
  {
    channel: channelRef(),
    id: whole().notNull(),
    name: text().notNull(),
    rules: keptJson('rules', storedRules).notNull(),
    keep: boolean().notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const note = pgTable(
  'note',
  {
    channel: channelRef(),
    id: whole().notNull(),
    viewer: whole().notNull(),
    at: whole().notNull(),
    by: text().notNull(),
    text: text().notNull(),
    removedAt: whole('removed_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('note_viewer').on(t.channel, t.viewer)],
)

/** Parts of files of people that were taken in, by a digest of their content. */
export const peopleImport = pgTable(
  'people_import',
  {
    channel: channelRef(),
    digest: text().notNull(),
    at: whole().notNull(),
    by: text().notNull(),
    lines: whole().notNull(),
    undoneAt: whole('undone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.digest] })],
)

/** Support under a name that chat does not know, to be matched to a person by hand. */
export const supporter = pgTable(
  'supporter',
  {
    channel: channelRef(),
    id: whole().notNull(),
    at: whole().notNull(),
    account: text().notNull(),
    name: text().notNull(),
    support: jsonb().$type<Support>().notNull(),
    status: text().$type<'waiting' | 'matched' | 'dismissed'>().notNull(),
    viewer: whole(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('supporter_waiting').on(t.channel, t.id).where(sql`status = 'waiting'`),
  ],
)

/** Tips in a currency that the plan had no rate for, until somebody decides what they pay. */
export const waitingTip = pgTable(
  'waiting_tip',
  {
    channel: channelRef(),
    id: whole().notNull(),
    at: whole().notNull(),
    viewer: whole().notNull(),
    name: text().notNull(),
    minorUnits: whole('minor_units').notNull(),
    currency: text().notNull(),
    status: text().$type<'waiting' | 'paid' | 'dismissed'>().notNull(),
    paid: whole().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('waiting_tip_waiting').on(t.channel, t.id).where(sql`status = 'waiting'`),
  ],
)

/** Times within a show when it was not known who was there. */
export const gap = pgTable(
  'gap',
  {
    channel: channelRef(),
    id: whole().notNull(),
    show: whole().notNull(),
    from: whole('from_time').notNull(),
    until: whole('until_time').notNull(),
    people: jsonb().$type<readonly number[]>().notNull(),
    status: text().$type<'open' | 'paid' | 'undone' | 'dismissed'>().notNull(),
    lines: jsonb().$type<readonly object[]>().notNull(),
    endedAt: whole('ended_at'),
    by: text(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** Earning plans as they were applied. */
export const plan = pgTable(
  'plan',
  {
    channel: channelRef(),
    id: whole().notNull(),
    at: whole().notNull(),
    by: text().notNull(),
    plan: jsonb().$type<EarningPlan>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** Until when words of chat rest. */
export const cooldown = pgTable(
  'cooldown',
  {
    channel: integer().notNull(),
    key: text().notNull(),
    until: whole().notNull(),
    period: whole().notNull().default(0),
    used: whole().notNull().default(0),
  },
  (t) => [primaryKey({ columns: [t.channel, t.key] })],
)
