export type {
  ChangeGame,
  ChangeGameText,
  ChangeWagering,
} from './change.ts'
export { playingHandlers } from './handlers.ts'
export { needGameLine, playByChat } from './playByChat.ts'
export type { PlayGame } from './playByPage.ts'
export { gameReady } from './ready.ts'
