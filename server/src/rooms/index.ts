export { ownRoom } from './owner.ts'
export { type RoomParts, roomRoutes } from './routes.ts'
