export { RoundHead } from './answers.ts'

import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import type { Route } from '../http/index.ts'
import { deskGameRoutes } from './deskRoutes.ts'
import { viewerGameRoutes } from './viewerRoutes.ts'

export { anyGameOn, gameSettingsOf, gameWordsOf, openRounds } from './read.ts'

export const gameRoutes = (db: Reader, channels: Channels): Route[] => [
  ...viewerGameRoutes(db, channels),
  ...deskGameRoutes(db, channels),
]
