import { type Handler, ok, type Result, refuse, savedCollection, type World } from '../world/index.ts'
import { forgetOwnVoice } from './ownVoice.ts'
import { type RoomRow, type RoomSettings, rooms, sameNetwork } from './table.ts'

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
    if (before.value !== undefined && !sameNetwork(before.value.settings, settings)) forgetOwnVoice(world, row.id)
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
    forgetOwnVoice(world, room)
    changed(world)
    return ok({})
  },
} satisfies Handler<RemoveRoom>
