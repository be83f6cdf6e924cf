export { roomHandlers } from './handlers.ts'
export { OPERATORS_ROOM, openRooms, type RoomRow, RoomSettings, rooms, storedRoom } from './rooms.ts'
