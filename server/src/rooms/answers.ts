import { Type } from '@sinclair/typebox'
import { RoomSettings } from '#core/rooms'
import { Count, exactly, Id, orNull } from '#core/schema'
import { ChatState } from '../chat/index.ts'

const Room = exactly({
  id: Id,
  settings: RoomSettings,
  /** Whether there is one: it is told to nobody. */
  hasPassword: Type.Boolean(),
  hasKey: Type.Boolean(),
  chat: ChatState,
})

/** The rooms of a channel, each with how it stands. */
export const RoomsView = exactly({
  rooms: Type.Array(Room),
  /** The room that the operator has set for this channel; null: none. */
  operators: orNull(exactly({ id: Count, chat: ChatState })),
  /** The host of the network that the operator has set up for all; null: there is none. */
  network: orNull(Type.String()),
  /** Whether rooms may be on the operator's own machines, and without encryption. */
  inside: Type.Boolean(),
})
