import { removeRoom, saveRoom } from './rooms.ts'

/** How each intent of the rooms is decided, by its kind. */
export const roomHandlers = {
  'room.remove': removeRoom,
  'room.save': saveRoom,
}
