export { ownRoom } from './owner.ts'
export { checkRoom, followRooms, type RoomParts, roomRoutes } from './routes.ts'
