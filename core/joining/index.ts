export { betByChat, needBetLine } from './betByChat.ts'
export type { LayByPage } from './betByPage.ts'
export { joiningHandlers } from './handlers.ts'
