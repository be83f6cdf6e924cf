import { sql } from 'drizzle-orm'
import {
  bigint,
  boolean,
  check,
  foreignKey,
  index,
  integer,
  json,
  jsonb,
  pgTable,
  primaryKey,
  text,
  uniqueIndex,
} from 'drizzle-orm/pg-core'

// Every key begins with the channel, so that a channel can be moved to another machine whole.
// Times are seconds since 1970, as everywhere in the rules; ids are unique over all tables of a channel.
const whole = (name?: string) => (name === undefined ? bigint({ mode: 'number' }) : bigint(name, { mode: 'number' }))

export const channel = pgTable('channel', {
  id: integer().primaryKey().generatedAlwaysAsIdentity(),
  slug: text().notNull().unique(),
  name: text().notNull(),
  /** Account of the streamer. */
  owner: text().notNull(),
  timeZone: text('time_zone').notNull().default('UTC'),
  /** Number of the last fact. */
  seq: whole().notNull().default(0),
  /** Goes up with every batch written: who finds it unchanged knows that cached rows are still true. */
  revision: whole().notNull().default(0),
  lastId: whole('last_id').notNull().default(0),
})

// Tables that grow with every batch bear the channel without a foreign key: checking it cost more than writing the row, and
// the writer holds that channel's own row already.
const channelRef = () =>
  integer()
    .notNull()
    .references(() => channel.id)

export const viewer = pgTable(
  'viewer',
  {
    channel: channelRef(),
    id: whole().notNull(),
    account: text().notNull(),
    name: text().notNull(),
    moderator: boolean().notNull(),
    ignored: boolean().notNull(),
    present: boolean().notNull(),
    presentSince: whole('present_since'),
    chattedAt: whole('chatted_at'),
    firstSeenAt: whole('first_seen_at').notNull(),
    lastSeenAt: whole('last_seen_at').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    uniqueIndex('viewer_account').on(t.channel, t.account),
    index('viewer_present').on(t.channel, t.id).where(sql`present`),
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
    watchedSeconds: whole('watched_seconds').notNull(),
    showId: whole('show_id'),
    showSeconds: whole('show_seconds').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    index('watch_counting').on(t.channel, t.id).where(sql`counting`),
    foreignKey({ columns: [t.channel, t.id], foreignColumns: [viewer.channel, viewer.id] }),
  ],
)

export const account = pgTable(
  'account',
  {
    channel: channelRef(),
    id: whole().notNull(),
    kind: text().$type<'wallet' | 'pot'>().notNull(),
    balance: whole().notNull(),
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
    startedAt: whole('started_at').notNull(),
    endedAt: whole('ended_at'),
    paid: whole().notNull(),
    spent: whole().notNull(),
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

export const reward = pgTable(
  'reward',
  {
    channel: channelRef(),
    id: whole().notNull(),
    word: text().notNull(),
    name: text().notNull(),
    description: text().notNull(),
    price: whole().notNull(),
    delivery: text().$type<'hand' | 'itself'>().notNull(),
    ask: text(),
    picture: text().notNull(),
    sound: text().notNull(),
    alertTitle: text('alert_title').notNull(),
    alertLine: text('alert_line').notNull(),
    open: boolean().notNull(),
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
    status: text().$type<'waiting' | 'done' | 'refunded'>().notNull(),
    show: whole(),
    placedAt: whole('placed_at').notNull(),
    endedAt: whole('ended_at'),
    endedBy: text('ended_by'),
    payment: whole().notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.channel, t.id] }),
    foreignKey({ columns: [t.channel, t.viewer], foreignColumns: [viewer.channel, viewer.id] }),
    foreignKey({ columns: [t.channel, t.reward], foreignColumns: [reward.channel, reward.id] }),
    index('store_order_waiting').on(t.channel, t.id).where(sql`status = 'waiting'`),
    index('store_order_viewer').on(t.channel, t.viewer, t.id),
  ],
)

export const overlay = pgTable(
  'overlay',
  { channel: channelRef(), id: whole().notNull(), name: text().notNull(), secret: text().notNull().unique() },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** When an overlay page was last known to be open: written by the page's connection, not by the channel's writer. */
export const overlayPresence = pgTable(
  'overlay_presence',
  { channel: channelRef(), overlay: whole().notNull(), seenAt: whole('seen_at').notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.overlay] })],
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

export const session = pgTable('session', {
  /** SHA-256 of the cookie's value: who reads the table cannot sign in with it. */
  idHash: text('id_hash').primaryKey(),
  scope: text().$type<'desk' | 'viewer'>().notNull(),
  account: text().notNull(),
  name: text().notNull(),
  createdAt: whole('created_at').notNull(),
  expiresAt: whole('expires_at').notNull(),
  /** When it was last used, give or take some minutes: an idle session ends early. */
  seenAt: whole('seen_at').notNull().default(0),
})

/** The hash of the code that claims a fresh installation; gone once it has been used. */
export const claimCode = pgTable('claim_code', { hash: text().primaryKey(), createdAt: whole('created_at').notNull() })

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

/** What outside services sign their events with. Kept as it is, because a signature is checked with it; shown only once. */
export const eventSecret = pgTable(
  'event_secret',
  {
    channel: channelRef(),
    id: integer().generatedAlwaysAsIdentity(),
    name: text().notNull(),
    secret: text().notNull(),
    createdAt: whole('created_at').notNull(),
    usedAt: whole('used_at'),
    revokedAt: whole('revoked_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** Deliveries that were turned away before they became events, so that whoever sets up a sender sees why. */
export const eventRefusal = pgTable(
  'event_refusal',
  {
    channel: channelRef(),
    id: integer().generatedAlwaysAsIdentity(),
    at: whole().notNull(),
    code: text().notNull(),
    sentence: text().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** How a channel's chat stands, written by the one instance that has its seat and read by all. */
export const chatSeat = pgTable('chat_seat', {
  channel: integer()
    .primaryKey()
    .references(() => channel.id),
  status: text().$type<'off' | 'connecting' | 'connected' | 'refused'>().notNull(),
  sentence: text().notNull(),
  room: text(),
  since: whole().notNull(),
  /** Up to when it is known who is in the room. */
  knownUntil: whole('known_until').notNull(),
  /** The last fact whose words were said, or were too old to say. */
  spokenSeq: whole('spoken_seq').notNull(),
})

/** The servers that run timers on this database, each with its workers; one that has died leaves its row behind. */
export const instance = pgTable('instance', {
  key: integer().primaryKey().generatedAlwaysAsIdentity(),
  workers: text().array().notNull(),
})

export const signInAttempt = pgTable('sign_in_attempt', {
  state: text().primaryKey(),
  scope: text().$type<'desk' | 'viewer'>().notNull(),
  nonce: text().notNull(),
  verifier: text().notNull(),
  returnTo: text('return_to').notNull(),
  expiresAt: whole('expires_at').notNull(),
})
