import { bigint, boolean, index, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import { channel, channelRef, whole } from './channel.ts'
import { sealed } from './sealed.ts'

// What the parts of the server keep for themselves: sign-in, connections, timers.

/** When an overlay page was last known to be open: written by the page's connection, not by the channel's writer. */
export const overlayPresence = pgTable(
  'overlay_presence',
  { channel: channelRef(), overlay: whole().notNull(), seenAt: whole('seen_at').notNull() },
  (t) => [primaryKey({ columns: [t.channel, t.overlay] })],
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

/** How much each address and account has used of its limits; worthless after some seconds, so it is not logged (see the migration). */
export const rateLimit = pgTable('rate_limit', {
  key: text().primaryKey(),
  points: integer().notNull().default(0),
  expire: bigint({ mode: 'number' }),
})

/** Facts about the installation as a whole that are no configuration. */
export const installation = pgTable('installation', { name: text().primaryKey(), value: text().notNull() })

/** Codes by which somebody who is signed in says in chat which account there is theirs. */
export const linkCode = pgTable(
  'link_code',
  {
    channel: channelRef(),
    hash: text().notNull(),
    /** The key of the account that they are signed in with, and their name there. */
    account: text().notNull(),
    name: text().notNull(),
    expiresAt: whole('expires_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.hash] })],
)

/** A known text as this database's keys seal and hash it: a server with other keys must not start. */
export const keyCheck = pgTable('key_check', {
  id: integer().primaryKey(),
  sealed: text().notNull(),
  hash: text().notNull(),
})

/** Who signed in, was refused, or did something at a desk, and from where. Kept for 180 days. */
export const securityEvent = pgTable(
  'security_event',
  {
    id: bigint({ mode: 'number' }).primaryKey().generatedAlwaysAsIdentity(),
    channel: integer().references(() => channel.id),
    at: whole().notNull(),
    kind: text().$type<'sign-in' | 'refused' | 'desk' | 'secret'>().notNull(),
    account: text().notNull(),
    name: text().notNull(),
    address: text().notNull(),
    what: text().notNull(),
    times: integer().notNull(),
  },
  (t) => [index('security_event_channel').on(t.channel, t.id), index('security_event_at').on(t.at)],
)

/** The hash of the code that claims a fresh installation; gone once it has been used. */
export const claimCode = pgTable('claim_code', { hash: text().primaryKey(), createdAt: whole('created_at').notNull() })

/** What event secrets are sealed as. */
export const EVENT_SECRET = 'event.secret'

/** What outside services sign their events with. Sealed, because a signature is checked with it; shown only once. */
export const eventSecret = pgTable(
  'event_secret',
  {
    channel: channelRef(),
    id: integer().generatedAlwaysAsIdentity(),
    name: text().notNull(),
    secret: sealed('secret', EVENT_SECRET).notNull(),
    /** The kinds of events it may send; null: made before that was asked, any. */
    kinds: jsonb().$type<readonly string[]>(),
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
    times: integer().notNull().default(1),
    /** Whether one of the channel's secrets had signed it. */
    signed: boolean().notNull().default(true),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

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
  /** By which issuer; 0: the one of the environment. */
  issuer: integer().notNull().default(0),
  /** Where it is to link an account, the account that is signed in already. */
  linking: text(),
})

/** Where people may sign in besides the issuer of the environment. What is gone stays, so that its word is never another's. */
export const signInIssuer = pgTable('sign_in_issuer', {
  id: integer().primaryKey().generatedAlwaysAsIdentity(),
  /** Before the accounts that it issues. */
  word: text().notNull().unique(),
  name: text().notNull(),
  issuer: text().notNull(),
  clientId: text('client_id').notNull(),
  clientSecret: sealed('client_secret', 'sign_in_issuer.client_secret').notNull(),
  scope: text().notNull(),
  accountClaim: text('account_claim').notNull(),
  nameClaim: text('name_claim').notNull(),
  goneAt: whole('gone_at'),
})

/** JSON that a version could not read, as it was when something else took its place. */
export const unreadable = pgTable(
  'unreadable',
  {
    id: bigint({ mode: 'number' }).generatedAlwaysAsIdentity(),
    channel: channelRef(),
    /** Of which table and column, and of which row. */
    of: text().notNull(),
    key: text().notNull(),
    kept: jsonb().notNull(),
    at: whole().notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)
