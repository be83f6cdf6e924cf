import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import type { Route } from '../http/index.ts'
import { deskGoalRoutes } from './routes.ts'
import { viewerGoalRoutes } from './viewerRoutes.ts'

export { GoalHead } from './answers.ts'
export { anyGoal, headOf as goalHead, runningGoalRows } from './read.ts'

export const goalRoutes = (db: Reader, channels: Channels): Route[] => [
  ...viewerGoalRoutes(db, channels),
  ...deskGoalRoutes(db, channels),
]
