import type { Static } from '@sinclair/typebox'
import { Type } from '@sinclair/typebox'
import { exactly, orNull, type UnixSeconds } from '../schema.ts'
import {
  defineTable,
  type Handler,
  ok,
  type Result,
  refuse,
  savedCollection,
  stored,
  type World,
} from '../world/index.ts'

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

const saved = savedCollection(rooms, {
  one: 'room',
  many: 'rooms',
  most: 5,
  missing: 'room_not_found',
  full: 'room_invalid',
})

const placeOf = ({ room, network }: RoomSettings): string =>
  [network === null ? '' : `${network.host}:${network.port}`, room].join('/').toLowerCase()

function roomFree(world: World, id: number | null, settings: RoomSettings): Result<true> {
  const taken = saved.open(world).some((one) => one.id !== id && placeOf(one.settings) === placeOf(settings))
  return taken ? refuse('room_invalid', `The bot sits in ${settings.room} already. Change that entry.`) : ok(true)
}

/** A password that was kept goes to no other network than the one it was typed for. */
function passwordGoes(before: RoomRow | undefined, { network }: RoomSettings, password: string | null): Result<true> {
  if (password !== null || !before?.password) return ok(true)
  const was = before.settings.network
  const same = (['host', 'port', 'tls', 'account'] as const).every((part) => was?.[part] === network?.[part])
  return same ? ok(true) : refuse('room_invalid', 'The network or the account is another one: type the password again.')
}

const changed = (world: World) => world.fact('rooms.changed', 'desk', {})

export interface SaveRoom {
  readonly kind: 'room.save'
  /** Null: a new one. */
  readonly room: number | null
  readonly settings: RoomSettings
  /** Null: as it was. */
  readonly password: string | null
  readonly roomKey: string | null
}

/** Sets a room, or changes one: the bot goes there. */
export const saveRoom = {
  decide(world, { room, settings, password, roomKey }) {
    const before = saved.before(world, room)
    if (!before.ok) return before
    const free = roomFree(world, room, settings)
    if (!free.ok) return free
    const goes = passwordGoes(before.value, settings, password)
    if (!goes.ok) return goes
    const row = world.put(rooms, {
      id: before.value?.id ?? world.nextId(),
      settings,
      password: password ?? before.value?.password ?? '',
      roomKey: roomKey ?? before.value?.roomKey ?? '',
      goneAt: null,
    })
    changed(world)
    return ok({ room: row.id })
  },
} satisfies Handler<SaveRoom>

export interface RemoveRoom {
  readonly kind: 'room.remove'
  readonly room: number
}

/** Removes a room: the bot leaves it. */
export const removeRoom = {
  decide(world, { room }) {
    const found = saved.need(world, room)
    if (!found.ok) return found
    world.put(rooms, { ...found.value, password: '', roomKey: '', goneAt: world.at })
    changed(world)
    return ok({})
  },
} satisfies Handler<RemoveRoom>
