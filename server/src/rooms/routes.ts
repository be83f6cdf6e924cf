import { type Static, Type } from '@sinclair/typebox'
import { and, asc, eq, isNull } from 'drizzle-orm'
import { OPERATORS_ROOM, RoomSettings } from '#core/rooms'
import { exactly, Id, Nothing, orNull } from '#core/schema'
import { homeSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import { placeOf, type SeatTable, type WantedRooms } from '../chat/index.ts'
import { type Reader, schema } from '../database/index.ts'
import { type Call, desk, hand, idIn, idOf, Problem, problem, type Route, route } from '../http/index.ts'
import { isInside, NotOpen } from '../outside/index.ts'
import { settingOf } from '../settings/index.ts'
import { RoomsView } from './answers.ts'
import { letGoOfRooms, ownRoom } from './owner.ts'

/** What the routes of the rooms stand on. */
export interface RoomParts {
  readonly db: Reader
  readonly channels: Channels
  readonly seats: SeatTable
  readonly wanted: WantedRooms
  /** Whether rooms may be on the operator's own machines, and without encryption. */
  readonly inside: boolean
  /** Whether several channels may sit in one room. */
  readonly shared: boolean
}

const Secret = orNull(Type.String({ maxLength: 200, pattern: '^[^\\r\\n\\u0000]*$' }))
/** `password`, `roomKey`: null leaves them as they are. */
const RoomBody = exactly({ settings: RoomSettings, password: Secret, roomKey: Secret })
type RoomBody = Static<typeof RoomBody>

const OFF = { status: 'connecting', sentence: 'The bot is on its way.', since: 0, room: null, lacks: [] } as const

async function viewOf({ db, seats, wanted, inside }: RoomParts, channel: number) {
  const { room } = schema
  const [found, states] = await Promise.all([
    db
      .select({ id: room.id, settings: room.settings, password: room.password, roomKey: room.roomKey })
      .from(room)
      .where(and(eq(room.channel, channel), isNull(room.goneAt)))
      .orderBy(asc(room.id)),
    seats.statesOf(channel),
  ])
  const stateOf = (id: number) => {
    const { id: _, ...state } = states.find((one) => one.id === id) ?? { id, ...OFF }
    return state
  }
  const own = (await wanted.all(channel)).some(({ id }) => id === OPERATORS_ROOM)
  return {
    rooms: found.map(({ id, settings, password, roomKey }) => ({
      ...{ id, settings, chat: stateOf(id) },
      hasPassword: password !== '',
      hasKey: roomKey !== '',
    })),
    operators: own ? { id: OPERATORS_ROOM, chat: stateOf(OPERATORS_ROOM) } : null,
    network: wanted.operatorsHost ?? null,
    inside,
  }
}

const badRoom = (place: string, sentence: string) =>
  new Problem('body_invalid', `Please correct: ${sentence}`, { [place]: sentence })

/** Refuses a network that is not there, or where the bot must not go. */
function checkNetwork({ wanted, inside }: RoomParts, { network }: RoomSettings): void {
  if (network === null) {
    if (wanted.operatorsHost !== undefined) return
    throw problem('network_missing')
  }
  if (inside) return
  if (!network.tls)
    throw badRoom(
      'settings.network.tls',
      'The connection must be encrypted (TLS), so that nobody on the way can read along.',
    )
  if (isInside(network.host)) throw badRoom('settings.network.host', new NotOpen().message)
}

/** Before the bot goes to a room: it may be there, and the room is no other channel's. @throws what speaks against it. */
export async function checkRoom(parts: RoomParts, channel: number, settings: RoomSettings): Promise<void> {
  checkNetwork(parts, settings)
  const { channels, wanted, shared } = parts
  if (!shared && !(await ownRoom(channels.pool, channel, wanted.placeOf(settings)))) throw problem('room_taken')
}

/** Saves a room, if it is no other channel's; the bot goes there at once. */
async function save(parts: RoomParts, call: Call<RoomBody>, room: number | null): Promise<{ room: number }> {
  const { settings, password, roomKey } = call.body
  await checkRoom(parts, call.channel.id, settings)
  try {
    return await hand(parts.channels, call, { kind: 'room.save', room, settings, password, roomKey })
  } finally {
    await followRooms(parts, call)
  }
}

/** What follows from other rooms: which are the channel's, whose accounts its chat has, and that the bot goes there. */
export async function followRooms(
  { db, channels, wanted }: RoomParts,
  { channel, key }: Pick<Call<unknown>, 'channel' | 'key'>,
): Promise<void> {
  const rooms = await wanted.all(channel.id)
  await letGoOfRooms(channels.pool, channel.id, rooms.map(placeOf))
  const { viewer: _, ...home } = await settingOf(db, channel.id, homeSetting)
  const [chatIssuer] = await wanted.issuersIn(channel.id)
  await channels.submit(channel.id, `${key}/home/${Date.now()}`, {
    kind: 'channel.home',
    home: { ...home, chatIssuer },
  })
  await channels.feed.roomsChanged()
}

/** The chat rooms of a channel: setting, changing, testing and removing them. */
export const roomRoutes = (parts: RoomParts): Route[] => [
  route({
    method: 'get',
    path: '/desk/rooms',
    does: 'The chat rooms, each with how it stands',
    answer: RoomsView,
    allowed: desk('look', 'connections'),
    handle: ({ channel }) => viewOf(parts, channel.id),
  }),
  route({
    method: 'post',
    path: '/desk/rooms',
    does: 'Set a chat room: the bot goes there',
    answer: exactly({ room: Id }),
    allowed: desk('change', 'connections'),
    secret: true,
    body: RoomBody,
    handle: (call) => save(parts, call, null),
  }),
  route({
    method: 'put',
    path: '/desk/rooms/:id',
    does: 'Change a chat room',
    answer: exactly({ room: Id }),
    allowed: desk('change', 'connections'),
    secret: true,
    body: RoomBody,
    handle: (call) => save(parts, call, idOf(call.param('id'))),
  }),
  ...oneRoutes(parts),
]

const oneRoutes = (parts: RoomParts): Route[] => [
  route({
    method: 'post',
    path: '/desk/rooms/:id/remove',
    does: 'Remove a chat room: the bot leaves it',
    answer: Nothing,
    allowed: desk('change', 'connections'),
    handle: async (call) => {
      await hand(parts.channels, call, { kind: 'room.remove', room: idOf(call.param('id')) })
      await followRooms(parts, call)
      return {}
    },
  }),
  route({
    method: 'post',
    path: '/desk/rooms/:id/test',
    does: 'Let the bot say a test line in one room; 0 is the operator’s',
    answer: exactly({ muted: Type.Boolean() }),
    allowed: desk('act', 'connections'),
    handle: (call) => {
      const inRoom = call.param('id') === String(OPERATORS_ROOM) ? OPERATORS_ROOM : idIn(call.param('id'))
      if (inRoom === undefined) throw problem('not_found')
      return hand(parts.channels, call, { kind: 'chat.test', inRoom })
    },
  }),
]
