import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import type { Route } from '../http/index.ts'
import { changeBetRoutes } from './changeRoutes.ts'
import { deskBetRoutes } from './deskRoutes.ts'
import { viewerBetRoutes } from './viewerRoutes.ts'

export { BetHead, BetTemplateRow } from './answers.ts'
export { betDefaultsOf } from './defaults.ts'
export { anyBet, betTemplatesOf, headOf, runningRows } from './read.ts'

export const betRoutes = (db: Reader, channels: Channels): Route[] => [
  ...viewerBetRoutes(db, channels),
  ...deskBetRoutes(db, channels),
  ...changeBetRoutes(channels),
]
