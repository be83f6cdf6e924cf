import { type Static, Type } from '@sinclair/typebox'
import { and, asc, eq, isNull } from 'drizzle-orm'
import { OPERATORS_ROOM, OwnVoice, RoomSettings } from '#core/rooms'
import { Count, exactly, Id, Nothing, orNull } from '#core/schema'
import { homeSetting } from '#core/settings'
import type { Channels } from '../channels.ts'
import { ownVoiceSeat, placeOf, type SeatTable, type WantedRooms } from '../chat/index.ts'
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

/** As whom the streamer speaks in each room, by its number. */
async function ownVoicesOf({ db, seats }: Pick<RoomParts, 'db' | 'seats'>, channel: number, account: string) {
  const { ownVoice: own } = schema
  const [found, states] = await Promise.all([
    db
      .select({ id: own.id, settings: own.settings, by: own.by })
      .from(own)
      .where(and(eq(own.channel, channel), isNull(own.goneAt))),
    seats.ownVoicesOf(channel),
  ])
  return new Map(
    found.map(({ id, settings, by }) => {
      const { id: _, ...chat } = states.find((one) => one.id === ownVoiceSeat(id)) ?? { id, ...OFF }
      return [id, { settings, chat, mine: by === account }]
    }),
  )
}

async function viewOf({ db, seats, wanted, inside }: RoomParts, channel: number, account: string) {
  const { room } = schema
  const [found, states, own] = await Promise.all([
    db
      .select({ id: room.id, settings: room.settings, password: room.password, roomKey: room.roomKey })
      .from(room)
      .where(and(eq(room.channel, channel), isNull(room.goneAt)))
      .orderBy(asc(room.id)),
    seats.statesOf(channel),
    ownVoicesOf({ db, seats }, channel, account),
  ])
  const stateOf = (id: number) => {
    const { id: _, ...state } = states.find((one) => one.id === id) ?? { id, ...OFF }
    return state
  }
  const hasOperators = (await wanted.all(channel)).some(({ id }) => id === OPERATORS_ROOM)
  return {
    rooms: found.map(({ id, settings, password, roomKey }) => ({
      ...{ id, settings, chat: stateOf(id), own: own.get(id) ?? null },
      hasPassword: password !== '',
      hasKey: roomKey !== '',
    })),
    operators: hasOperators
      ? { id: OPERATORS_ROOM, chat: stateOf(OPERATORS_ROOM), own: own.get(OPERATORS_ROOM) ?? null }
      : null,
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
    handle: ({ channel, caller }) => viewOf(parts, channel.id, caller.account),
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
    handle: (call) => hand(parts.channels, call, { kind: 'chat.test', inRoom: roomIn(call) }),
  }),
  ...ownVoiceRoutes(parts),
]

/** The room of an address, the operator's included. */
function roomIn({ param }: Pick<Call<unknown>, 'param'>): number {
  const room = param('id') === String(OPERATORS_ROOM) ? OPERATORS_ROOM : idIn(param('id'))
  if (room === undefined) throw problem('not_found')
  return room
}

/** Nobody takes the bot's name from it, here or in the rooms of others. */
async function checkName(wanted: WantedRooms, channel: number, room: number, { nick }: OwnVoice): Promise<void> {
  const there = (await wanted.all(channel)).find(({ id }) => id === room)
  if (there?.network.nick.toLowerCase() === nick.toLowerCase())
    throw badRoom('settings.nick', 'This is the bot’s name on that network. Choose another one.')
}

/** The owner's own account in a room: nobody else speaks as them. */
const ownVoiceRoutes = ({ channels, wanted }: RoomParts): Route[] => [
  route({
    method: 'put',
    path: '/desk/rooms/:id/own-voice',
    does: 'Set as whom the owner speaks in a room by the desk; 0 is the operator’s',
    answer: exactly({ room: Count }),
    allowed: 'owner',
    secret: true,
    body: exactly({ settings: OwnVoice, password: Secret }),
    handle: async (call) => {
      await checkName(wanted, call.channel.id, roomIn(call), call.body.settings)
      const done = await hand(channels, call, { kind: 'room.ownVoice', room: roomIn(call), ...call.body })
      await channels.feed.roomsChanged()
      return done
    },
  }),
  route({
    method: 'post',
    path: '/desk/rooms/:id/own-voice/remove',
    does: 'Remove as whom the owner speaks in a room: the account leaves, and its password is forgotten',
    answer: Nothing,
    allowed: 'owner',
    handle: async (call) => {
      await hand(channels, call, { kind: 'room.removeOwnVoice', room: roomIn(call) })
      await channels.feed.roomsChanged()
      return {}
    },
  }),
  route({
    method: 'post',
    path: '/desk/say/as-oneself',
    does: 'Say something in chat as the owner, wherever an account of theirs is set for that',
    answer: exactly({ muted: Type.Boolean() }),
    allowed: 'owner',
    body: exactly({ text: Type.String({ minLength: 1, maxLength: 300, pattern: '\\S' }) }),
    handle: (call) => hand(channels, call, { kind: 'room.say', text: call.body.text.trim() }),
  }),
]
