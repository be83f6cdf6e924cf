import { bigint, integer, jsonb, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import { storedOwnVoice, storedRoom } from '#core/rooms'
import { channel, channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'
import { sealed } from './sealed.ts'

/** What the password of the bot's account is sealed as, and the key of a room. */
export const ROOM_PASSWORD = 'room.password'
export const ROOM_KEY = 'room.room_key'
/** What the password of the streamer's own account in a room is sealed as. */
export const OWN_VOICE_PASSWORD = 'own_voice.password'

/** The chat rooms that channels have set for themselves. */
export const room = pgTable(
  'room',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedRoom).notNull(),
    password: sealed('password', ROOM_PASSWORD).notNull(),
    roomKey: sealed('room_key', ROOM_KEY).notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** As whom the streamer speaks in a room by the desk. */
export const ownVoice = pgTable(
  'own_voice',
  {
    channel: channelRef(),
    /** The number of the room; 0: the operator's. */
    id: whole().notNull(),
    settings: keptJson('settings', storedOwnVoice).notNull(),
    by: text().notNull().default(''),
    password: sealed('password', OWN_VOICE_PASSWORD).notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

/** Which room of which network is whose, so that two channels do not sit in one. Of the installation. */
export const roomOwner = pgTable('room_owner', {
  place: text().primaryKey(),
  owner: integer()
    .notNull()
    .references(() => channel.id, { onDelete: 'cascade' }),
})

/** How each room of a channel's chat stands, written by the one instance that sits there and read by all. */
export const chatSeat = pgTable(
  'chat_seat',
  {
    channel: channelRef(),
    /** The number of the room; 0: the operator's. */
    roomId: whole('room_id').notNull().default(0),
    status: text().$type<'off' | 'out' | 'connecting' | 'connected' | 'refused'>().notNull(),
    sentence: text().notNull(),
    room: text(),
    /** What the room cannot tell. */
    lacks: jsonb().$type<('silent' | 'moderators')[]>().notNull().default([]),
    since: whole().notNull(),
    /** Up to when it is known who is in the room; while it is connected, as long as the connection's lease lasts. */
    knownUntil: whole('known_until').notNull(),
    /** The last fact whose words were said, or were too old to say. */
    spokenSeq: whole('spoken_seq').notNull(),
    /** The connection that it hangs on. */
    connection: text().notNull().default(''),
  },
  (t) => [primaryKey({ columns: [t.channel, t.roomId] })],
)

/** Which server holds which connection to a network, and up to when: who does not renew it has lost it. Milliseconds, by the database's clock. */
export const chatLease = pgTable('chat_lease', {
  connection: text().primaryKey(),
  holder: text().notNull(),
  renewedAt: bigint('renewed_at', { mode: 'number' }).notNull(),
  until: bigint({ mode: 'number' }).notNull(),
})
