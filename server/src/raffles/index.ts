import type { Channels } from '../channels.ts'
import type { ChatState } from '../chat/index.ts'
import type { Reader } from '../database/index.ts'
import type { Route } from '../http/index.ts'
import { changeRaffleRoutes } from './changeRoutes.ts'
import { deskRaffleRoutes } from './deskRoutes.ts'
import { viewerRaffleRoutes } from './viewerRoutes.ts'

export { Drawing, RaffleSetup, RaffleStatus } from './answers.ts'
export { entriesOf } from './entries.ts'
export { anyRaffle, codeRewards, type RaffleShown, raffleById, runningRafflesOf, setupsOf, winnersOf } from './read.ts'

export const raffleRoutes = (
  db: Reader,
  channels: Channels,
  chat: (channel: number) => Promise<ChatState>,
): Route[] => [
  ...viewerRaffleRoutes(db, channels),
  ...deskRaffleRoutes(db, channels, chat),
  ...changeRaffleRoutes(channels),
]
