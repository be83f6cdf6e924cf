export type { LayByPage } from './betByPage.ts'
export { isJoining, type Joining, joinByChat, needJoining } from './byChat.ts'
export { joiningHandlers } from './handlers.ts'
