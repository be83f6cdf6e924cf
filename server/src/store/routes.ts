import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import type { Route } from '../http/index.ts'
import { orderRoutes } from './orderRoutes.ts'
import { showSummaryRoute } from './showSummary.ts'
import { viewerRoutes } from './viewerRoutes.ts'

/** The store: the viewer page's view of it, buying, and the orders. */
export const storeRoutes = (db: Reader, channels: Channels): Route[] => [
  ...viewerRoutes(db, channels),
  ...orderRoutes(db, channels),
  showSummaryRoute(db),
]
