export { roomHandlers } from './handlers.ts'
export { OwnVoice, type OwnVoiceRow, openOwnVoices, ownVoices, storedOwnVoice } from './ownVoice.ts'
export { OPERATORS_ROOM, type RoomRow, RoomSettings, rooms, storedRoom } from './table.ts'
