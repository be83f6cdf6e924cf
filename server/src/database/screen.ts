import { customType, index, pgTable, primaryKey, text } from 'drizzle-orm/pg-core'
import type { PictureRef } from '#core/screen'
import { FIRST_PIECES, type MediaKind, type Piece, storedAlert, storedPieces } from '#core/screen'
import { channelRef, whole } from './channel.ts'
import { keptJson } from './keptJson.ts'
import { hashed, sealed } from './sealed.ts'

// What is shown on the stream: overlays, alerts, and the files they are made of.

export const overlay = pgTable(
  'overlay',
  {
    channel: channelRef(),
    id: whole().notNull(),
    name: text().notNull(),
    secret: sealed('secret', 'overlay.secret').notNull(),
    /** By which the overlay of an address is found. */
    secretHash: hashed('secret_hash').notNull(),
    width: whole().notNull().default(1920),
    height: whole().notNull().default(1080),
    pieces: keptJson('pieces', storedPieces)
      .notNull()
      .default(FIRST_PIECES as Piece[]),
    background: text().$type<PictureRef>(),
    goneAt: whole('gone_at'),
  },
  // The hash alone is as good as unique: 192 random bits are behind it.
  (t) => [primaryKey({ columns: [t.channel, t.id] }), index('overlay_by_secret').on(t.secretHash)],
)

export const alert = pgTable(
  'alert',
  {
    channel: channelRef(),
    id: whole().notNull(),
    settings: keptJson('settings', storedAlert).notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.id] })],
)

export const media = pgTable(
  'media',
  {
    channel: channelRef(),
    file: text().notNull(),
    name: text().notNull(),
    kind: text().$type<MediaKind>().notNull(),
    bytes: whole().notNull(),
    width: whole(),
    height: whole(),
    ms: whole(),
    addedAt: whole('added_at').notNull(),
    goneAt: whole('gone_at'),
  },
  (t) => [primaryKey({ columns: [t.channel, t.file] })],
)

const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })

/** The bytes of the library's files, kept apart from what is told of them: the rules never see them. */
export const mediaContent = pgTable(
  'media_content',
  {
    channel: channelRef(),
    file: text().notNull(),
    /** The media type it is served as. */
    type: text().notNull(),
    content: bytea().notNull(),
    /** A small picture of it (WebP); null: a sound, or a video. */
    thumb: bytea(),
    storedAt: whole('stored_at').notNull(),
  },
  (t) => [primaryKey({ columns: [t.channel, t.file] })],
)
