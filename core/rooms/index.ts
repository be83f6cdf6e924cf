export { roomHandlers } from './handlers.ts'
export { OPERATORS_ROOM, type RoomRow, RoomSettings, rooms, storedRoom } from './rooms.ts'
