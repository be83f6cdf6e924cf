import type { Static } from '@sinclair/typebox'
import { Type } from '@sinclair/typebox'
import { exactly, orNull, type UnixSeconds } from '../schema.ts'
import { defineTable, stored } from '../world/index.ts'

/** A network that the channel has set up itself. */
const OwnNetwork = exactly({
  host: Type.String({ minLength: 1, maxLength: 255, pattern: '^(\\[[0-9a-fA-F:.]+\\]|[^/:\\s#@]+)$' }),
  port: Type.Integer({ minimum: 1, maximum: 65_535 }),
  /** Without it everybody on the way can read along. */
  tls: Type.Boolean(),
  nick: Type.String({ pattern: '^[A-Za-z][A-Za-z0-9_-]{0,29}$' }),
  /** The bot's account there; empty: it is not signed in. */
  account: Type.String({ maxLength: 100, pattern: '^[^\\s\\u0000]*$' }),
})

/** A chat room in which the bot sits. */
export const RoomSettings = exactly({
  room: Type.String({ minLength: 2, maxLength: 100, pattern: '^[#&+!][^\\s,\\u0007\\u0000]+$' }),
  /** Null: the network that the operator has set up for all. */
  network: orNull(OwnNetwork),
  /** The signs before a nick that make a moderator. */
  moderators: Type.String({ pattern: '^[~&@%+!*.]+$', maxLength: 8 }),
})
export type RoomSettings = Static<typeof RoomSettings>

/** Stands in for one that cannot be read: no network has it. */
const UNREADABLE: RoomSettings = { room: '#-', network: null, moderators: '@&~' }
export const storedRoom = stored('chat room', RoomSettings, { off: () => UNREADABLE })

/** The number of the room that the operator has set for a channel, which is in no list. */
export const OPERATORS_ROOM = 0

export interface RoomRow {
  readonly id: number
  readonly settings: RoomSettings
  /** The password of the bot's account, and the key of the room; empty: none. */
  readonly password: string
  readonly roomKey: string
  readonly goneAt: UnixSeconds | null
}

export const rooms = defineTable<RoomRow>('room', 'whole', (row) => row.id)

/** Whether two rooms are on one network, so that what is secret there may go to both. */
export const sameNetwork = (one: RoomSettings, other: RoomSettings): boolean =>
  (['host', 'port', 'tls'] as const).every((part) => one.network?.[part] === other.network?.[part])
