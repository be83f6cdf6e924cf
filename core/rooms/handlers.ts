import { removeOwnVoice, saveOwnVoice, sayAsOneself } from './ownVoice.ts'
import { removeRoom, saveRoom } from './rooms.ts'

/** How each intent of the rooms is decided, by its kind. */
export const roomHandlers = {
  'room.ownVoice': saveOwnVoice,
  'room.remove': removeRoom,
  'room.removeOwnVoice': removeOwnVoice,
  'room.save': saveRoom,
  'room.say': sayAsOneself,
}
