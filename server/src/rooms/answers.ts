import { Type } from '@sinclair/typebox'
import { OwnVoice, RoomSettings } from '#core/rooms'
import { Count, exactly, Id, orNull } from '#core/schema'
import { ChatState } from '../chat/index.ts'

/** As whom an owner speaks in a room, how that account stands there, and whether whoever asks set it; null: nobody does. */
const Own = orNull(exactly({ settings: OwnVoice, chat: ChatState, mine: Type.Boolean() }))

const Room = exactly({
  id: Id,
  settings: RoomSettings,
  /** Whether there is one: it is told to nobody. */
  hasPassword: Type.Boolean(),
  hasKey: Type.Boolean(),
  chat: ChatState,
  own: Own,
})

/** The rooms of a channel, each with how it stands. */
export const RoomsView = exactly({
  rooms: Type.Array(Room),
  /** The room that the operator has set for this channel; null: none. */
  operators: orNull(exactly({ id: Count, chat: ChatState, own: Own })),
  /** The host of the network that the operator has set up for all; null: there is none. */
  network: orNull(Type.String()),
  /** Whether rooms may be on the operator's own machines, and without encryption. */
  inside: Type.Boolean(),
})
